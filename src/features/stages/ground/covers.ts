import { bestCover, type BriefScores, type Cover } from "@/core/judge";
import { countWords, scoreWords } from "@/words";

/** Score × priority: what matters most weighs three times what matters least. */
const weightOf = (priority: number): number => 4 - priority;

/** Of places by their scores the best one, two and three for all shots; no more than there are places or shots. */
export function coversOf(scores: BriefScores, shots: readonly { readonly priority: number }[]): Cover[] {
  const weights = shots.map((s) => weightOf(s.priority));
  return [1, 2, 3]
    .filter((n) => n <= scores.length && n <= shots.length)
    .map((n) => bestCover(scores, weights, n));
}

/** How many shots a set of places serves, and how well: "serves 3 of 4 shots · 82 of 100". */
export function coverWords({ serves }: Cover): string {
  const served = serves.flatMap((s) => (s ? [s.score] : []));
  const mean = served.reduce((sum, s) => sum + s, 0) / Math.max(1, served.length);
  return `serves ${served.length} of ${countWords(serves.length, "shot")} · ${scoreWords(mean)}`;
}
