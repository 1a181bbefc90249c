import { useState } from "react";
import { View } from "react-native";
import type { OutingCard } from "@/core/judge";
import { cardIsStale, outingCardInput } from "@/answers/expose/three-sets";
import { fileNameOf, type Outing } from "@/data";
import { cardSheet, cardText } from "@/outing/card-file";
import { Button } from "@/ui/controls/Button";
import { Segmented } from "@/ui/controls/Segmented";
import { Txt } from "@/ui/controls/Txt";
import { percentWords } from "@/words";
import { useOpenOuting, useOuting } from "../../../outing/use-outing";
import { downloadText } from "../../../store/file-transfer";
import { printDocument } from "../../../store/print";
import { useRun } from "../../../outing/use-run";
import { calendarEntries, writtenCard } from "./written-card";

interface Answered {
  readonly outing: Outing;
  readonly card: OutingCard;
}

/** Three sets to put into the camera, and when settings change: worked out beside the page, printed, copied, put into a calendar. */
export function Card() {
  const { store } = useOpenOuting();
  const outing = useOuting((v) => v.outing);
  const { state, start: begin, stop } = useRun<Answered>();
  const start = (): Promise<void> => {
    const { view } = store.getState();
    return begin("card", outingCardInput(view), (card) => ({ outing: view.outing, card }));
  };
  if (state.kind === "running")
    return <Button label={`Stop, ${percentWords(state.share)} done`} onPress={stop} />;
  const done = state.kind === "done" ? state.value : undefined;
  const stale = done && cardIsStale(done.outing, outing);
  return (
    <View className="gap-3">
      {!done && (
        <Txt tone="ink2">
          Three sets to put into the camera, chosen so that they serve every promised shot from its position
          over the whole time; when settings change; as a card of paper, as text, as a calendar.
        </Txt>
      )}
      {stale && <Txt tone="bracken">The outing was changed since: work it out anew.</Txt>}
      {(!done || stale) && <Button label="Work out the card" onPress={() => void start()} />}
      {state.kind === "failed" && (
        <Txt tone="bracken">It could not be worked out here. Load the page again.</Txt>
      )}
      {done && <Worked card={done.card} />}
    </View>
  );
}

const PLACES = [
  { key: "told", label: "With the place" },
  { key: "kept", label: "Without the place" },
] as const;

function Worked({ card }: { card: OutingCard }) {
  const { store } = useOpenOuting();
  const view = useOuting((v) => v);
  const [copied, setCopied] = useState<string>();
  const [place, setPlace] = useState<"told" | "kept">("told");
  const isTold = place === "told";
  const written = writtenCard(view, card, isTold);
  const copy = (): void => {
    const said = (words: string) => () => setCopied(words);
    if (!navigator.clipboard)
      return setCopied("This page may not copy without https. The text file holds the same.");
    navigator.clipboard
      .writeText(cardText(written))
      .then(said("Copied"), said("The browser did not let it be copied. The text file holds the same."));
  };
  const calendar = async (): Promise<void> => {
    const { cardCalendar } = await import("@/outing/card-calendar");
    const { outing } = store.getState().view;
    const entries = calendarEntries(view, card, written);
    const where = isTold ? outing.place : "";
    const file = cardCalendar({ name: outing.name, place: where, entries }, view.now);
    downloadText(fileNameOf(outing, "ics"), file, "text/calendar");
  };
  return (
    <View className="gap-3">
      {written.sets.map((set) => (
        <View
          key={set.key}
          role="group"
          aria-label={`${set.key} ${set.name}`}
          className="border-t border-line pt-2"
        >
          <View className="flex-row items-baseline gap-2">
            <Txt size={20} weight={700} tone="water">
              {set.key}
            </Txt>
            <Txt size={20} weight={700}>
              {set.name}
            </Txt>
          </View>
          <Txt size={20} weight={700}>
            {set.exposure}
          </Txt>
          {set.lines.map((line) => (
            <Txt key={line} tone="ink2">
              {line}
            </Txt>
          ))}
        </View>
      ))}
      {written.sets.length === 0 && (
        <Txt>No shot has a position yet: decide where to stand, then come back.</Txt>
      )}
      {written.sets.length > 0 && <Txt weight={600}>{written.verdict}</Txt>}
      <View role="list" aria-label="When settings change">
        {written.changes.map(({ time, words, detail }) => (
          <View key={`${time} ${words}`} role="listitem" className="flex-row gap-3 py-1">
            <Txt weight={700}>{time}</Txt>
            <Txt className="min-w-0 flex-1">{`${words}${detail ? `: ${detail}` : ""}`}</Txt>
          </View>
        ))}
      </View>
      <Segmented label="The place on what leaves" segments={PLACES} chosen={place} onChoose={setPlace} />
      <View className="flex-row flex-wrap gap-2">
        <Button label="Print the card" onPress={() => printDocument(cardSheet(written))} />
        <Button label="Copy as text" onPress={copy} />
        <Button
          label="Text file"
          onPress={() => downloadText(fileNameOf(view.outing, "card.txt"), cardText(written), "text/plain")}
        />
        <Button label="Calendar file" onPress={() => void calendar()} />
      </View>
      {copied && <Txt aria-live="polite">{copied}</Txt>}
    </View>
  );
}
