import type { Broken, Through } from "@/answers/expose/through";
import { stopsNoun } from "./format";

/** What is broken at a minute, the worst of it: what stays amiss before what is made up for. */
function brokenWords({ short, missing, over }: Broken): string {
  if (missing > 0) return `${stopsNoun(missing)} too dark`;
  return over > 0 ? `${stopsNoun(over)} too bright` : `${stopsNoun(short)} short at your ceiling`;
}

/** Whether a limit breaks through the outing, in a line. */
export const throughWords = ({ breaks, worst }: Pick<Through, "breaks" | "worst">): string =>
  worst ? `${breaks === "always" ? "all the time" : "at worst"} ${brokenWords(worst)}` : "nothing breaks";

/** The same as a sentence; `timeAt` prints an instant in epoch milliseconds. */
export const throughSentence = (
  { breaks, worst }: Pick<Through, "breaks" | "worst">,
  timeAt: (at: number) => string,
): string => {
  if (!worst) return "No limit breaks at any minute.";
  const when = breaks === "always" ? "A limit is broken at every minute" : "A limit is broken for a while";
  return `${when}; worst at ${timeAt(worst.at)}, ${brokenWords(worst)}.`;
};
