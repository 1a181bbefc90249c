import { useState } from "react";
import { View } from "react-native";
import type { Coverage as Answer } from "@/core/schedule";
import { coverageInput } from "@/outing/programme/coverage-input";
import { timedProgramme, type TimedEvent } from "@/outing/programme/event-times";
import { editEvent, shiftEvents } from "@/outing/edits";
import type { Outing } from "@/data";
import { Button } from "@/ui/controls/Button";
import { Row } from "@/ui/controls/Row";
import { Txt } from "@/ui/controls/Txt";
import { useToast } from "@/ui/layout/toast";
import { countWords, percentWords } from "@/words";
import { coverageVerdict, lostWords, priceWords, walkWords } from "@/words/programme";
import { useCommit, useOpenOuting, useOuting } from "../../../outing/use-outing";
import { useRun } from "../../../outing/use-run";
import { wallOf } from "../../shot/titles";
import { DayDrawing } from "./DayDrawing";

const LATE = [5, 10, 20, 30];

interface Worked {
  readonly programme: Outing["programme"];
  readonly answer: Answer;
  /** The order before this one, for what changed. */
  readonly before?: Answer;
}

/** The order of the day that gets the most: what is covered from where, what is left out and why, and what runs late. */
export function Coverage() {
  const { store } = useOpenOuting();
  const programme = useOuting((v) => v.outing.programme);
  const { state, start: begin, stop } = useRun<Worked>();
  const [shown, setShown] = useState<Worked>();
  if (state.kind === "done" && state.value !== shown) setShown(state.value);
  const start = (): void => {
    const { view } = store.getState();
    const before = shown?.answer;
    void begin("coverage", coverageInput(view), (answer) => ({
      programme: view.outing.programme,
      answer,
      before,
    }));
  };
  const stale = shown !== undefined && shown.programme !== programme;
  return (
    <View className="gap-3">
      {state.kind === "running" ? (
        <Button label={`Stop, ${percentWords(state.share)} done`} onPress={stop} />
      ) : (
        <Button
          label={shown ? "Order what is left anew" : "Order the day"}
          kind={!shown || stale ? "filled" : "outlined"}
          onPress={start}
        />
      )}
      {state.kind === "failed" && (
        <Txt tone="bracken">It could not be worked out here. Load the page again.</Txt>
      )}
      {stale && <Txt tone="bracken">The programme was changed since: order it anew.</Txt>}
      {shown && <Ordered worked={shown} />}
      <RunsLate onLate={start} />
    </View>
  );
}

function Ordered({ worked: { answer, before } }: { worked: Worked }) {
  const outing = useOuting((v) => v.outing);
  const pace = useOuting((v) => v.preferences.walkingPace);
  const commit = useCommit();
  const events = timedProgramme(outing);
  const of = (id: string): TimedEvent | undefined => events.find((e) => e.id === id);
  const nameOf = (id: string): string => of(id)?.name ?? "an event that is gone";
  const placeOf = (id: string): string => outing.ground.positions.find((p) => p.id === id)?.name ?? "?";
  const changed = before ? changesOf(before, answer, nameOf, placeOf) : [];
  return (
    <View className="gap-3">
      <Txt weight={600} aria-live="polite">
        {coverageVerdict(answer, (id) => of(id)?.group)}
      </Txt>
      {changed.map((words) => (
        <Txt key={words} tone="bracken">
          {words}
        </Txt>
      ))}
      <DayDrawing answer={answer} events={events} outing={outing} />
      <View role="list" aria-label="Covered, in order">
        {answer.visits.map((visit, i) => {
          const last = answer.visits[i - 1]?.placeId;
          const metres = last === undefined ? 0 : (answer.ways[last]?.[visit.placeId]?.metres ?? 0);
          return (
            <View key={visit.eventId} role="listitem">
              <Row
                title={`${i + 1}  ${wallOf({ outing }, of(visit.eventId)?.starts ?? visit.ready)} ${nameOf(visit.eventId)}, from ${placeOf(visit.placeId)}`}
                detail={`In place by ${wallOf({ outing }, visit.ready)}${(of(visit.eventId)?.calls.length ?? 0) > 1 ? ", the second call" : ""}; ${walkWords(metres, metres / pace, visit.slack / 60_000)}`}
                value={of(visit.eventId)?.wish === "pinned" ? "pinned" : "Pin"}
                onPress={() =>
                  void commit(
                    editEvent(visit.eventId, {
                      wish: of(visit.eventId)?.wish === "pinned" ? undefined : "pinned",
                    }),
                  )
                }
              />
            </View>
          );
        })}
      </View>
      {answer.lost.length > 0 && (
        <View role="list" aria-label="Left out">
          {answer.lost.map(({ eventId, reason }) => {
            const price = answer.prices.find((p) => p.eventId === eventId);
            return (
              <View key={eventId} role="listitem">
                <Row
                  title={`${wallOf({ outing }, of(eventId)?.starts ?? 0)} ${nameOf(eventId)}`}
                  detail={`${lostWords(reason)}${price ? `; ${priceWords(price, nameOf)}` : ""}`}
                  value={reason === "worth-less" ? "Pin" : ""}
                  onPress={() => void commit(editEvent(eventId, { wish: "pinned" }))}
                />
              </View>
            );
          })}
        </View>
      )}
    </View>
  );
}

/** What an order has that the one before had not, and the other way round. */
function changesOf(
  before: Answer,
  now: Answer,
  nameOf: (id: string) => string,
  placeOf: (id: string) => string,
): string[] {
  const was = new Map(before.visits.map((v) => [v.eventId, v.placeId]));
  const is = new Map(now.visits.map((v) => [v.eventId, v.placeId]));
  const known = new Set([...now.visits.map((v) => v.eventId), ...now.lost.map((l) => l.eventId)]);
  return [
    ...[...is]
      .filter(([id]) => !was.has(id))
      .map(([id, place]) => `New: ${nameOf(id)}, from ${placeOf(place)}.`),
    // What is over is no change.
    ...[...was.keys()].filter((id) => !is.has(id) && known.has(id)).map((id) => `No longer: ${nameOf(id)}.`),
    ...[...is]
      .filter(([id, place]) => was.has(id) && was.get(id) !== place)
      .map(([id, place]) => `${nameOf(id)} from ${placeOf(place)} now.`),
  ];
}

/** Late in two presses: from the next event on everything moves, and the day is ordered anew. */
function RunsLate({ onLate }: { onLate: () => void }) {
  const outing = useOuting((v) => v.outing);
  const at = useOuting((v) => v.at);
  const commit = useCommit();
  const toast = useToast();
  const [asked, setAsked] = useState(false);
  const coming = timedProgramme(outing).filter((e) => e.ends > at);
  const late = async (minutes: number): Promise<void> => {
    const ids = coming.map((e) => e.id);
    setAsked(false);
    if (!(await commit(shiftEvents(ids, minutes)))) return;
    toast({
      words: `${countWords(ids.length, "event")} ${minutes} min later`,
      undo: () => commit(shiftEvents(ids, -minutes)),
    });
    onLate();
  };
  if (coming.length === 0) return null;
  if (!asked) return <Button label="It runs late" onPress={() => setAsked(true)} />;
  return (
    <View role="group" aria-label="Late by" className="gap-2">
      <Txt weight={700}>From now on everything is later by</Txt>
      <View className="flex-row gap-2">
        {LATE.map((minutes) => (
          <Button
            key={minutes}
            label={`${minutes} min`}
            className="h-16 flex-1 px-0"
            onPress={() => void late(minutes)}
          />
        ))}
      </View>
    </View>
  );
}
