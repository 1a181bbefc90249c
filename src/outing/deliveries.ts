import { daysAfter, instantOf, lastDayOf, type Outing } from "@/data";
import { clocksIn } from "./lists/clock";
import type { OutingView } from "./outing-view";
import { timedProgramme, type TimedEvent } from "./programme/event-times";

type Stored = NonNullable<Outing["deliverables"]>[number];

/** Pictures that somebody waits for, on the day. */
export interface Delivery {
  readonly delivery: Stored;
  /** Epoch milliseconds by which it is due, where its hour can be read of how it was told. */
  readonly due?: number;
  /** The events that it is taken at, in the order of the day; none where none are named. */
  readonly events: readonly TimedEvent[];
  /** The last of them that is not over, where one is not. */
  readonly waitsFor?: TimedEvent;
  /** Set where that is over only after it is due. */
  readonly late?: true;
}

const DAYS = ["sunday", "monday", "tuesday", "wednesday", "thursday", "friday", "saturday"];
/** What may stand about a time and tells no other day. */
const FILLING =
  /\b(by|at|on|before|until|till|latest|the|o.?clock|sharp|today|tonight|evening|same|day|night|morning|afternoon)\b/g;

/** On which day a text that is told beside a time means: so many days after the outing's last; nothing where it tells something else. */
function dayMeant(text: string, { date }: { readonly date: string }, isBefore: boolean): number | undefined {
  const left = text
    .toLowerCase()
    .replaceAll(FILLING, " ")
    .replaceAll(/[\s,.;:]+/g, " ")
    .trim();
  if (left === "") return isBefore ? 1 : 0;
  if (left === "tomorrow" || left === "next") return 1;
  const day = DAYS.findIndex((name) => name === left || name.slice(0, 3) === left);
  if (day < 0) return undefined;
  const ahead = (day - new Date(`${date}T00:00:00Z`).getUTCDay() + 7) % 7;
  return ahead === 0 && isBefore ? 7 : ahead;
}

/** When something told in words is due: "22:00", "by 10 pm", "Monday noon", "tomorrow 9.00". Absent where no hour or another day is told. */
export function dueOf(outing: Outing, by: string): number | undefined {
  const [clock] = clocksIn(by);
  if (!clock) return undefined;
  const date = lastDayOf(outing);
  const about = by.slice(0, clock.from) + by.slice(clock.to);
  const days = dayMeant(about, { date }, clock.at < outing.from);
  return days === undefined ? undefined : instantOf(daysAfter(date, days), clock.at, outing.timeZone).at;
}

/** What is still to be delivered, what is due first in front; what has no hour comes last, as it was written down. */
export function deliveriesOwed({ outing, at }: Pick<OutingView, "outing" | "at">): Delivery[] {
  const programme = timedProgramme(outing);
  return (outing.deliverables ?? [])
    .filter((d) => !d.done)
    .map((delivery): Delivery => {
      const due = dueOf(outing, delivery.by);
      const events = programme.filter((e) => delivery.eventIds?.includes(e.id));
      const waitsFor = events.toSorted((a, b) => a.ends - b.ends).findLast((e) => e.ends > at);
      const late = due !== undefined && waitsFor !== undefined && waitsFor.ends > due;
      return {
        delivery,
        events,
        ...(due !== undefined && { due }),
        ...(waitsFor && { waitsFor }),
        ...(late && { late }),
      };
    })
    .toSorted((a, b) => (a.due ?? Infinity) - (b.due ?? Infinity) || 0);
}
