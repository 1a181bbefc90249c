import { useState } from "react";
import { View } from "react-native";
import { journalOf, type Journal } from "@/answers/review/journal";
import { fileNameOf, wallTimeOf, type Outing } from "@/data";
import { captionFor, USUAL_CAPTION } from "@/outing/captions/caption";
import { framesIn } from "@/outing/frames/deliver";
import { keptOf } from "@/outing/leaving/as-it-leaves";
import { leaves, type Leaving as Chosen } from "@/outing/leaving/choice";
import { journalSheet, type JournalPage } from "@/outing/journal/sheet";
import { planSvg } from "@/outing/plan-file";
import type { OutingView } from "@/outing/outing-view";
import { Button } from "@/ui/controls/Button";
import { Txt } from "@/ui/controls/Txt";
import { evRangeWords, timeWords } from "@/words";
import { journalShotWords, momentWords, openingWords } from "@/words/journal";
import { useOpenOuting, useOuting } from "../../../outing/use-outing";
import { downloadText } from "../../../store/file-transfer";
import { printDocument } from "../../../store/print";
import { PLAN_SIZE } from "../../ground/drawing/DrawnPlan";
import { LeavesDrawn } from "../../ground/drawing/LeavesDrawn";
import { spanWords } from "../../shot/titles";
import { smallBase64 } from "../frames/use-small";
import { useFilesAtHand } from "../frames/files-at-hand";
import { useDay } from "../frames/use-day";
import { useToldOuting } from "../frames/use-told-outing";

/** Pictures of a journal at most: the kept ones, spread over the day. */
const MOST = 12;
/** Lines on the screen before one asks for the page. */
const FIRST = 12;

type Wanted = "html" | "print";
/** What of the outing goes into the page. */
type Has = Readonly<Record<"plan" | "people", boolean>>;

/** The story of the day as it stands, and as a page to keep or to print. */
export function TheJournal() {
  const outing = useOuting((v) => v.outing);
  const told = useToldOuting();
  const { bursts } = useDay();
  const [asked, setAsked] = useState<Wanted>();
  const journal = journalOf(outing, bursts);
  const page = useJournalPage();
  const onDrawn = async (as: Wanted, leaving: Chosen, left: Outing, inner: string): Promise<void> => {
    setAsked(undefined);
    const goes = (part: "plan" | "people") => leaves(part, leaving, keptOf(told));
    const has = { plan: goes("plan"), people: goes("people") };
    const html = journalSheet(await page(left, has, inner));
    if (as === "html") downloadText(fileNameOf(left, "journal.html"), html, "text/html");
    else printDocument(html);
  };
  return (
    <View className="gap-2">
      <Txt>{openingWords(journal)}</Txt>
      <View role="list" aria-label="The day">
        {journal.moments.slice(0, FIRST).map((moment, i) => (
          <View key={i} role="listitem" className="flex-row gap-3 py-1">
            <Txt tone="ink2" className="w-[64px]">
              {timeWords(wallTimeOf(moment.at, outing.timeZone))}
            </Txt>
            <Txt weight={moment.kind === "event" ? 700 : 400} className="min-w-0 flex-1">
              {momentWords(moment)}
            </Txt>
          </View>
        ))}
      </View>
      {journal.moments.length > FIRST && (
        <Txt tone="ink2">{`And ${journal.moments.length - FIRST} more on the page.`}</Txt>
      )}
      <View className="flex-row flex-wrap gap-2">
        <Button label="Journal as HTML" onPress={() => setAsked("html")} />
        <Button label="Print the journal" onPress={() => setAsked("print")} />
      </View>
      {asked && (
        <LeavesDrawn
          outing={outing}
          kind="journal"
          action={asked === "print" ? "Print the journal" : "Write the file"}
          onDrawn={(leaving, left, inner) => void onDrawn(asked, leaving, left, inner)}
          onClose={() => setAsked(undefined)}
        />
      )}
    </View>
  );
}

/** Every so many of a list, so that no more than the most are left. */
const spread = <T,>(all: readonly T[], most: number): T[] =>
  all.length <= most
    ? [...all]
    : Array.from({ length: most }, (_, i) => all[Math.floor((i * all.length) / most)]!);

/** The light over the window as shares of it. */
function lightOf({ timeline, window }: OutingView, time: (at: number) => string): JournalPage["light"] {
  const { points } = timeline;
  if (points.length < 2) return undefined;
  const evs = points.map((p) => p.ev);
  const [low, high] = [Math.min(...evs), Math.max(...evs)];
  return {
    points: points.map((p) => ({
      x: (p.at - window.from) / (window.until - window.from),
      y: (p.ev - low) / Math.max(1, high - low),
    })),
    from: time(window.from),
    until: time(window.until),
    words: `The light on the first shot: ${evRangeWords(low, high)}`,
  };
}

/** Makes the page of an outing as it leaves. */
function useJournalPage(): (left: Outing, has: Has, inner: string) => Promise<JournalPage> {
  const { store } = useOpenOuting();
  const { bursts } = useDay();
  const files = useFilesAtHand((s) => s.files);
  return async (left, has, inner) => {
    const { view } = store.getState();
    const time = (at: number): string => timeWords(wallTimeOf(at, left.timeZone));
    const journal: Journal = journalOf(left, bursts);
    const kept = spread(
      framesIn(bursts).filter(({ frame }) => frame.mark === "keep"),
      MOST,
    );
    const light = lightOf(view, time);
    const ways = view.preferences.captions ?? USUAL_CAPTION;
    const pictures = await Promise.all(
      kept.map(async ({ frame, burst }) => {
        // Tags name people by themselves: they go where people go.
        const told = has.people ? burst : { ...burst, tag: undefined };
        const { sidecar } = captionFor(left, frame, told, ways);
        // Who refused is known to the outing that is kept.
        const { isRefused } = captionFor(view.outing, frame, burst, ways);
        // Nobody who refused is shown in a page that goes on.
        const jpeg = isRefused ? undefined : await smallBase64(left.id, frame, files);
        return jpeg === undefined ? [] : [{ jpeg, words: sidecar.title || sidecar.description }];
      }),
    );
    return {
      title: left.name,
      under: `${left.place}, ${spanWords(left)}`,
      opening: openingWords(journal),
      ...(has.plan && {
        plan: planSvg({ inner, ...PLAN_SIZE }, { title: left.name, under: spanWords(left) }),
      }),
      ...(light && { light }),
      moments: journal.moments.map((m) => ({
        time: time(m.at),
        words: momentWords(m),
        isEvent: m.kind === "event",
      })),
      pictures: pictures.flat(),
      shots: journal.shots.map((shot) => ({ ...shot, words: journalShotWords(shot) })),
      notes: left.notes,
    };
  };
}
