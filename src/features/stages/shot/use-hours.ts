import { useMemo } from "react";
import { wallTimeOf } from "@/data";
import type { HourMark } from "@/ui/charts/HourMarks";
import { hourWords } from "@/words";
import { useOuting } from "../../outing/use-outing";

const HOUR = 3_600_000;
/** Hours that have room under the strip of a phone. */
const MOST_HOURS = 8;

/** The hours of the outing as they stand under its light strip, and under what is drawn over the same span. */
export function useHours(): readonly HourMark[] {
  const { from, until } = useOuting((v) => v.window);
  const timeZone = useOuting((v) => v.outing.timeZone);
  return useMemo(() => {
    const first = Math.ceil(from / HOUR) * HOUR;
    const every = Math.max(1, Math.ceil((until - from) / (MOST_HOURS * HOUR)));
    const count = Math.floor((until - first) / (every * HOUR)) + 1;
    return Array.from({ length: Math.max(0, count) }, (_, i) => first + i * every * HOUR).map((at) => ({
      at,
      words: hourWords(wallTimeOf(at, timeZone)),
    }));
  }, [from, until, timeZone]);
}
