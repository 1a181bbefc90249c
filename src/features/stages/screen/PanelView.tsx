import DownIcon from "lucide-react-native/icons/chevron-down";
import UpIcon from "lucide-react-native/icons/chevron-up";
import { memo, useState } from "react";
import { Pressable, View } from "react-native";
import { Button } from "@/ui/controls/Button";
import { Txt } from "@/ui/controls/Txt";
import { useTokens } from "@/ui/theme/theme";
import { Guard } from "../../layout/Guard";
import { Late } from "../../layout/Late";
import { useAtRest } from "../../outing/use-at-rest";
import type { Named } from "@/answers/explain/how";
import type { Panel } from "./panel";
import { useUnfolded } from "./unfolded";

/** Slots in which a panel has a head of its own. */
const HEADED: readonly Slot[] = ["open", "folded", "half"];
type Slot = Panel["phone" | "wide"];

/** A panel where it stands: bare, or under a head that opens and folds it. Drawn anew only by what it reads itself. */
export const PanelView = memo(function PanelView({ panel, slot }: { panel: Panel; slot: Slot }) {
  if (HEADED.includes(slot)) return <Foldable panel={panel} begins={slot !== "folded"} />;
  return <Body panel={panel} />;
});

function Body({ panel: { title, load } }: { panel: Panel }) {
  return (
    <Guard name={title}>
      {load.when === "with-stage" ? (
        <load.Body />
      ) : (
        <Late load={load.load} waiting="One moment">
          {(LateBody) => <LateBody />}
        </Late>
      )}
    </Guard>
  );
}

function Foldable({ panel, begins }: { panel: Panel; begins: boolean }) {
  const unfolded = useUnfolded((s) => s.panels[panel.id] ?? begins);
  const fold = useUnfolded((s) => s.fold);
  return (
    <View role="region" aria-label={panel.title} className="border-t border-line">
      <Head panel={panel} unfolded={unfolded} onPress={() => fold(panel.id, !unfolded)} />
      {unfolded && (
        <View className="gap-3 pb-3">
          <Body panel={panel} />
          {panel.worked && <How names={panel.worked} />}
        </View>
      )}
    </View>
  );
}

const loadHow = async () => (await import("../reasons/HowWorked")).HowWorked;

/** The formulas and sources of a panel, a press away. */
function How({ names }: { names: readonly Named[] }) {
  const [asked, setAsked] = useState(false);
  return (
    <View>
      <Button
        label="How is this worked out?"
        kind="plain"
        className="-ml-3 self-start"
        expanded={asked}
        onPress={() => setAsked(!asked)}
      />
      {asked && (
        <Late load={loadHow} waiting="One moment">
          {(HowWorked) => <HowWorked names={names} />}
        </Late>
      )}
    </View>
  );
}

const NO_ANSWER = (): string => "";

function Head({ panel, unfolded, onPress }: { panel: Panel; unfolded: boolean; onPress: () => void }) {
  const answer = useAtRest(panel.answer ?? NO_ANSWER, unfolded);
  const { water } = useTokens();
  const Icon = unfolded ? UpIcon : DownIcon;
  return (
    <Pressable
      role="button"
      aria-expanded={unfolded}
      aria-label={answer ? `${panel.title}: ${answer}` : panel.title}
      onPress={onPress}
      className="min-h-14 flex-row items-center justify-between gap-2 py-2 active:opacity-70"
    >
      <View className="min-w-0 flex-1">
        <Txt size={18} weight={700} role="heading" aria-level={3}>
          {panel.title}
        </Txt>
        {answer && !unfolded ? (
          <Txt tone="ink2" numberOfLines={2}>
            {answer}
          </Txt>
        ) : null}
      </View>
      <Icon size={24} color={water} />
    </Pressable>
  );
}
