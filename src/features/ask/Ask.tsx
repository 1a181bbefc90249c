import { useRouter, type Href } from "expo-router";
import CloseIcon from "lucide-react-native/icons/x";
import { useDeferredValue, useEffect, useMemo, useRef, useState } from "react";
import { ScrollView, View } from "react-native";
import { chanceAt } from "@/answers/expose/chance";
import type { Outing } from "@/data";
import { IconButton } from "@/ui/controls/Button";
import { Message } from "@/ui/controls/Message";
import { Row } from "@/ui/controls/Row";
import { TextField } from "@/ui/controls/TextField";
import { Txt } from "@/ui/controls/Txt";
import { useLayout } from "@/ui/layout/use-layout";
import { useTokens } from "@/ui/theme/theme";
import { countWords, keptSentence, shutterWords } from "@/words";
import { useAsking } from "../layout/asking";
import { useMinuteClock } from "../outing/use-minute-clock";
import { inOrder } from "../outings/in-order";
import { useOutings } from "../store/outings";
import { everythingElse, type FoundThing } from "./everything";
import { finderOf } from "./finder";
import { OnThisScreen } from "./OnThisScreen";
import { findablePanels, type FindablePanel, type StagePanels } from "./panels-found";

const NONE: readonly Outing[] = [];
/** Answers that are shown of panels, and of everything else: what is looked for is among the first, or is asked otherwise. */
const MOST = { panels: 5, else: 6 };

/** Asks anything: panels by the questions that they answer, and beside them everything that has a name. It stands beside the stage and leaves it in view. */
export function Ask({ panels }: { panels: StagePanels }) {
  const close = useAsking((s) => s.close);
  const outing = useAsking((s) => s.outing);
  const { data } = useOutings();
  const outings = data?.outings ?? NONE;
  const [typed, setTyped] = useState("");
  const asked = useDeferredValue(typed);
  const findPanel = useMemo(() => finderOf(findablePanels(panels)), [panels]);
  const findElse = useMemo(() => finderOf(everythingElse(outings)), [outings]);
  const now = useMinuteClock();
  const go = useGo((inOrder(outings, now).next ?? outings[0])?.id);
  const box = useRef<View>(null);
  useEffect(() => {
    const before = document.activeElement as HTMLElement | null;
    const field = (box.current as unknown as HTMLElement | null)?.querySelector("input");
    field?.focus();
    const onKey = (event: KeyboardEvent): void => {
      if (event.key === "Escape") close();
    };
    // Before the field, which keeps its keys to itself.
    window.addEventListener("keydown", onKey, true);
    return () => {
      window.removeEventListener("keydown", onKey, true);
      before?.focus();
    };
  }, [close]);
  const { ink } = useTokens();
  const hits = { panels: findPanel(asked).slice(0, MOST.panels), else: findElse(asked).slice(0, MOST.else) };
  const isEmpty = asked.trim() === "";
  return (
    <View
      ref={box}
      role="complementary"
      aria-label="Ask anything"
      className="absolute bottom-0 right-0 top-0 z-50 w-full max-w-[420px] border-l-2 border-water bg-sheet"
    >
      <View className="flex-row items-end gap-1 py-2 pl-4">
        <TextField label="Ask anything" value={typed} onChange={setTyped} />
        <IconButton label="Close the questions" onPress={close}>
          <CloseIcon size={24} color={ink} />
        </IconButton>
      </View>
      <ScrollView className="flex-1" contentContainerClassName="px-4 pb-6" tabIndex={0}>
        {isEmpty && outing && <OnThisScreen panels={panels} outing={outing} />}
        {isEmpty && !outing && (
          <Txt tone="ink2" className="py-3">
            Ask as you would aloud: is this shutter enough, where do I stand, what does a word mean.
          </Txt>
        )}
        <AtShutter asked={asked} />
        {!isEmpty && (
          <Txt size={14} tone="ink2" aria-live="polite">
            {countWords(hits.panels.length + hits.else.length, "answer")}
          </Txt>
        )}
        <View role="list" aria-label="Answers">
          {hits.panels.map((panel) => (
            <PanelHit
              key={panel.id}
              panel={panel}
              line={outing?.line(panel.stage, panel.panelId)}
              onPress={() => go.toPanel(panel)}
            />
          ))}
          {hits.else.map((thing) => (
            <View key={thing.id} role="listitem">
              <Thing thing={thing} onPress={() => go.to(thing.href!)} />
            </View>
          ))}
        </View>
        {!isEmpty && hits.panels.length + hits.else.length === 0 && (
          <Message
            title="Nothing found"
            body="Ask with one other word, such as shutter, sun, reach or the name of a sport."
          />
        )}
      </ScrollView>
    </View>
  );
}

/** A shutter as it is typed: 1/500. */
const SHUTTER = /\b1\s*\/\s*(\d{1,5})\b/;

/** Who asks about a shutter is told at once what it does to the picture in hand. */
function AtShutter({ asked }: { asked: string }) {
  const outing = useAsking((s) => s.outing);
  const part = Number(SHUTTER.exec(asked)?.[1] ?? 0);
  const found = outing && part > 0 ? chanceAt(outing.view(), 1 / part) : undefined;
  return found ? (
    <Txt size={20} weight={700} className="py-2">
      {`${shutterWords(found.shutter)}: ${keptSentence(found.chance, found.part)}.`}
    </Txt>
  ) : null;
}

function PanelHit({
  panel,
  line,
  onPress,
}: {
  panel: FindablePanel;
  line: string | undefined;
  onPress: () => void;
}) {
  const where = panel.stage.charAt(0).toUpperCase() + panel.stage.slice(1);
  return (
    <View role="listitem">
      <Row title={panel.title} detail={line ? line : `${where}: ${panel.says ?? ""}`} onPress={onPress} />
    </View>
  );
}

function Thing({ thing, onPress }: { thing: FoundThing; onPress: () => void }) {
  if (thing.href) return <Row title={thing.title} detail={thing.line} onPress={onPress} />;
  return (
    <View className="min-h-14 justify-center border-t border-line py-2">
      <Txt weight={600}>{thing.title}</Txt>
      <Txt tone="ink2">{thing.line}</Txt>
    </View>
  );
}

/** Frames that a stage may take until its panel stands there. */
const PATIENCE = 60;

/** The ways that answers lead: a panel is unfolded and brought into view. */
function useGo(firstOuting: string | undefined) {
  const router = useRouter();
  const { columns } = useLayout();
  const { outing, close } = useAsking.getState();
  const leave = (href: string): void => {
    router.push(href as Href);
    // Beside the stage it stays; over it it goes.
    if (!columns) close();
  };
  return {
    to: leave,
    toPanel: ({ stage, panelId, title }: FindablePanel): void => {
      const id = outing?.outingId ?? firstOuting;
      if (!id) return leave("/first");
      outing?.unfold(panelId);
      leave(`/outing/${id}/${stage}`);
      const show = (left: number): void => {
        const panel = document.querySelector(`[role=region][aria-label="${CSS.escape(title)}"]`);
        if (panel) panel.scrollIntoView({ block: "start" });
        else if (left > 0) requestAnimationFrame(() => show(left - 1));
      };
      requestAnimationFrame(() => show(PATIENCE));
    },
  };
}
