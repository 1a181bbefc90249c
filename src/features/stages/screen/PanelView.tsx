import DownIcon from "lucide-react-native/icons/chevron-down";
import UpIcon from "lucide-react-native/icons/chevron-up";
import { memo, useState } from "react";
import { Pressable, View } from "react-native";
import { Button, IconButton } from "@/ui/controls/Button";
import { Txt } from "@/ui/controls/Txt";
import { useTokens } from "@/ui/theme/theme";
import { Guard } from "../../layout/Guard";
import { Late } from "../../layout/Late";
import { useAtRest } from "../../outing/use-at-rest";
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

interface FoldableProps {
  readonly panel: Panel;
  readonly begins: boolean;
  /** What it is asked, which stands in its head instead of its answer. */
  readonly question?: string;
}

function Foldable({ panel, begins, question }: FoldableProps) {
  const unfolded = useUnfolded((s) => s.panels[panel.id] ?? begins);
  const fold = useUnfolded((s) => s.fold);
  return (
    <View role="region" aria-label={panel.title} className="border-t border-line">
      {question ? (
        <HeadLine
          title={panel.title}
          line={question}
          unfolded={unfolded}
          onPress={() => fold(panel.id, !unfolded)}
        />
      ) : (
        <Head panel={panel} unfolded={unfolded} onPress={() => fold(panel.id, !unfolded)} />
      )}
      {unfolded && <HelpMark panel={panel} />}
      {unfolded && (
        <View className="gap-3 pb-3">
          <Body panel={panel} />
          {panel.worked && <Worked names={panel.worked} />}
        </View>
      )}
    </View>
  );
}

/** What few shots need, by the questions that it answers: one line until it is opened. */
export function FurtherTools({ panels }: { panels: readonly Panel[] }) {
  const [first] = panels;
  const key = `further-${first!.id}`;
  const unfolded = useUnfolded((s) => s.panels[key] ?? panels.some((p) => s.panels[p.id]));
  const fold = useUnfolded((s) => s.fold);
  return (
    <View role="region" aria-label="More tools" className="border-t border-line">
      <HeadLine
        title="More tools"
        line={panels.map((p) => p.title).join(", ")}
        unfolded={unfolded}
        onPress={() => fold(key, !unfolded)}
      />
      {unfolded && (
        <Late load={loadHelp} waiting="One moment">
          {({ questionOf }) =>
            panels.map((panel) => (
              <Foldable key={panel.id} panel={panel} begins={false} question={questionOf(panel)} />
            ))
          }
        </Late>
      )}
    </View>
  );
}

/** What panels say of themselves is loaded when somebody asks. */
const loadHelp = () => import("./PanelHelp");

const loadHow = async () => (await import("../reasons/HowWorked")).HowWorked;

/** The formulas and sources of a panel, a press away. */
function Worked({ names }: { names: NonNullable<Panel["worked"]> }) {
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

/** What an open panel is for, a press away: in its head beside the arrow, a button of its own. */
function HelpMark({ panel }: { panel: Panel }) {
  const [helping, setHelping] = useState(false);
  return (
    <>
      <IconButton
        label={`What is ${panel.title}?`}
        onPress={() => setHelping(true)}
        className="absolute right-8 top-1"
      >
        <Txt weight={700} tone="water" size={20}>
          ?
        </Txt>
      </IconButton>
      {helping && (
        <Late load={loadHelp}>
          {({ PanelHelp }) => <PanelHelp panel={panel} onClose={() => setHelping(false)} />}
        </Late>
      )}
    </>
  );
}

const NO_ANSWER = (): string => "";

interface HeadProps {
  readonly unfolded: boolean;
  readonly onPress: () => void;
}

function Head({ panel, ...rest }: HeadProps & { panel: Panel }) {
  const answer = useAtRest(panel.answer ?? NO_ANSWER, rest.unfolded);
  return <HeadLine title={panel.title} line={answer} {...rest} />;
}

function HeadLine({ title, line, unfolded, onPress }: HeadProps & { title: string; line: string }) {
  const { water } = useTokens();
  const Icon = unfolded ? UpIcon : DownIcon;
  return (
    <Pressable
      role="button"
      aria-expanded={unfolded}
      aria-label={line ? `${title}: ${line}` : title}
      onPress={onPress}
      className="min-h-14 flex-row items-center justify-between gap-2 py-2 active:opacity-70"
    >
      <View className={`min-w-0 flex-1 ${unfolded ? "pr-12" : ""}`}>
        <Txt size={20} weight={700} role="heading" aria-level={3}>
          {title}
        </Txt>
        {line && !unfolded ? (
          <Txt tone="ink2" numberOfLines={2}>
            {line}
          </Txt>
        ) : null}
      </View>
      {/* In a head of two lines it stays beside the mark of the help. */}
      <View className={unfolded ? "mt-2 self-start" : ""}>
        <Icon size={24} color={water} />
      </View>
    </Pressable>
  );
}
