import type { OwnRate } from "@/core/schedule";
import { windowOf, type Outing } from "@/data";

const HOUR = 3_600_000;

/** What of an outing its rate hangs on. */
type Counted = Pick<Outing, "id" | "kind" | "log" | "programme"> & Parameters<typeof windowOf>[0];

const takenOf = ({ log }: Counted): number => log.reduce((sum, series) => sum + series.taken, 0);
const eventsOf = ({ programme = [] }: Counted): number => programme.length;
const hoursOf = (outing: Counted): number => {
  const { from, until } = windowOf(outing);
  return (until - from) / HOUR;
};

/**
 * Frames as one took them on the other outings that were counted, those of the same kind where there are any: to each event where
 * this one and some of them have a programme, else to each hour. Undefined while nothing was counted.
 */
export function ownRateFor(outing: Counted, others: readonly Counted[]): OwnRate | undefined {
  const counted = others.filter((o) => o.id !== outing.id && takenOf(o) > 0);
  const alike = counted.filter((o) => o.kind === outing.kind);
  const used = alike.length > 0 ? alike : counted;
  const withEvents = eventsOf(outing) > 0 ? used.filter((o) => eventsOf(o) > 0) : [];
  const [from, per, timesOf] =
    withEvents.length > 0 ? [withEvents, "event" as const, eventsOf] : [used, "hour" as const, hoursOf];
  const sum = (of: (o: Counted) => number): number => from.reduce((all, o) => all + of(o), 0);
  if (!(sum(timesOf) > 0)) return undefined;
  return { each: sum(takenOf) / sum(timesOf), per, times: timesOf(outing), outings: from.length };
}
