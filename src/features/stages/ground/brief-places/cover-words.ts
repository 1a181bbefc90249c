import type { Cover } from "@/core/judge";
import { countWords, scoreWords } from "@/words";

/** How many shots a set of places serves, and how well: "serves 3 of 4 shots · 82 of 100". */
export function coverWords({ serves }: Cover): string {
  const served = serves.flatMap((s) => (s ? [s.score] : []));
  const mean = served.reduce((sum, s) => sum + s, 0) / Math.max(1, served.length);
  return `serves ${served.length} of ${countWords(serves.length, "shot")} · ${scoreWords(mean)}`;
}
