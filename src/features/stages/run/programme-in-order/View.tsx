import { View } from "react-native";
import { officialAt } from "@/answers/plan/venue";
import type { Price } from "@/core/schedule";
import { timedProgramme, type TimedEvent } from "@/outing/programme/event-times";
import { momentsWithin } from "@/outing/programme/moments";
import type { Step } from "@/outing/programme/order";
import { editEvent } from "@/outing/edits";
import { Button } from "@/ui/controls/Button";
import { Row } from "@/ui/controls/Row";
import { Txt } from "@/ui/controls/Txt";
import { percentWords } from "@/words";
import {
  coverageVerdict,
  crossingsWords,
  hasWords,
  inTimeWords,
  lostWords,
  orderChangeWords,
  priceWords,
  stayWords,
  walkWords,
} from "@/words/programme";
import { useCommit, useOpenOuting, useOuting } from "../../../outing/use-outing";
import { wallOf } from "../../shot/titles";
import { DayDrawing } from "./DayDrawing";
import { ordering, useOrder, useSteps, type Ordered } from "./order";
import { PlacesToTell } from "./PlacesToTell";
import { RunsLate } from "./RunsLate";
import { Second } from "./Second";
import { WayOnPlan } from "./WayOnPlan";

/** Changes of an order that are told one by one. */
const MOST_CHANGES = 6;

/** The order of the day that gets the most: what is covered from where, what is left out and why, and what runs late. */
export function Coverage() {
  const order = useOrder();
  return (
    <View className="gap-3">
      <Ordering again={order !== undefined} />
      <PlacesToTell />
      {order && <Shown order={order} />}
      {order && <Second />}
      <RunsLate />
    </View>
  );
}

/** Begins it and stops it. It alone is drawn anew while the work reports how far it is. */
function Ordering({ again }: { again: boolean }) {
  const { store } = useOpenOuting();
  const { share, failed, order: begin, stop } = ordering.useSlice((s) => s);
  return (
    <>
      {share !== undefined ? (
        <Button label={`Stop, ${percentWords(share)} done`} onPress={stop} />
      ) : (
        <Button
          label={again ? "Order what is left, from here" : "Order the day"}
          onPress={() => void begin(store.getState().view)}
        />
      )}
      {failed && <Txt tone="bracken">It could not be worked out here. Load the page again.</Txt>}
    </>
  );
}

function Shown({ order: { answer, changes } }: { order: Ordered }) {
  const outing = useOuting((v) => v.outing);
  const steps = useSteps();
  const events = timedProgramme(outing);
  const of = (id: string): TimedEvent | undefined => events.find((e) => e.id === id);
  const nameOf = (id: string): string => of(id)?.name ?? "an event that is gone";
  const placeOf = (id = ""): string => outing.ground.positions.find((p) => p.id === id)?.name ?? "?";
  return (
    <View className="gap-3">
      <Txt weight={600} aria-live="polite">
        {coverageVerdict(answer)}
      </Txt>
      {changes.slice(0, MOST_CHANGES).map(({ kind, eventId, placeId }) => (
        <Txt key={eventId} tone="bracken">
          {orderChangeWords(kind, nameOf(eventId), placeOf(placeId))}
        </Txt>
      ))}
      {changes.length > MOST_CHANGES && (
        <Txt tone="bracken">{`And ${changes.length - MOST_CHANGES} more changes.`}</Txt>
      )}
      <DayDrawing answer={answer} events={events} outing={outing} />
      <WayOnPlan steps={steps} ways={answer.ways} />
      <View role="list" aria-label="Covered, in order">
        {steps.map((step, i) => (
          <View key={`${step.event.id} ${step.visit.from}`} role="listitem">
            <Covered step={step} number={i + 1} />
          </View>
        ))}
      </View>
      {answer.lost.length > 0 && (
        <View role="list" aria-label="Left out">
          {answer.lost.map(({ eventId, reason }) => (
            <View key={eventId} role="listitem">
              <LeftOut
                event={of(eventId)}
                why={lostWords(reason)}
                price={answer.prices.find((p) => p.eventId === eventId)}
                nameOf={nameOf}
                pinnable={reason === "worth-less"}
              />
            </View>
          ))}
        </View>
      )}
    </View>
  );
}

/** A stop of the order; a press pins it. */
function Covered({
  step: { event, position, visit, metres, walk, over },
  number,
}: {
  step: Step;
  number: number;
}) {
  const outing = useOuting((v) => v.outing);
  const official = useOuting((v) => officialAt(v.outing.ground.venue));
  const commit = useCommit();
  const pinned = event.wish === "pinned";
  const called = event.called[1] !== undefined && visit.ready <= event.called[1];
  const inPlace = `in place by ${wallOf({ outing }, visit.ready)}${called ? ", the second call" : ""}`;
  return (
    <Row
      title={`${number}  ${wallOf({ outing }, visit.from)} ${event.name}, from ${position.name}`}
      detail={[
        visit.partly ? stayWords(wallOf({ outing }, visit.until)) : "",
        visit.partly ? hasWords(momentsWithin(event, visit.from, visit.until).map((m) => m.name)) : "",
        inPlace,
        walkWords(metres, walk, visit.slack / 60_000),
        over.length > 0 ? crossingsWords(over, official) : "",
        inTimeWords(visit.chance),
      ]
        .filter(Boolean)
        .join("; ")}
      value={pinned ? "pinned" : "Pin"}
      onPress={() => void commit(editEvent(event.id, { wish: pinned ? undefined : "pinned" }))}
    />
  );
}

interface LeftOutProps {
  readonly event: TimedEvent | undefined;
  readonly why: string;
  readonly price: Price | undefined;
  readonly nameOf: (id: string) => string;
  readonly pinnable: boolean;
}

/** What is left out, why, and what it would cost; a press has it nevertheless. */
function LeftOut({ event, why, price, nameOf, pinnable }: LeftOutProps) {
  const outing = useOuting((v) => v.outing);
  const commit = useCommit();
  if (!event) return null;
  return (
    <Row
      title={`${wallOf({ outing }, event.starts)} ${event.name}`}
      detail={`${why}${price ? `; ${priceWords(price, nameOf)}` : ""}`}
      value={pinnable ? "Pin" : ""}
      onPress={() => void commit(editEvent(event.id, { wish: "pinned" }))}
    />
  );
}
