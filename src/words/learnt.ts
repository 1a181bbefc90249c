import type { Estimate } from "@/core/review";
import type { Maybe } from "@/core/units";
import { countWords } from "./format";
import { USUAL, valueWords } from "./yours";

type Key = "tracking" | "pan" | "iso" | "keepers";
type Known = Estimate & { readonly outings: number };

const TITLE: Readonly<Record<Key, string>> = {
  tracking: "What your following hand leaves",
  pan: "Spread of your pan",
  iso: "ISO up to which you keep",
  keepers: "Keepers by shutter",
};
export const learntTitle = (key: Key): string => TITLE[key];

const from = ({ frames, outings }: Known): string =>
  `${countWords(frames, "frame")} of ${countWords(outings, "outing")}`;

/** What was learnt of one thing: value, interval, frames, outings, with the usual figure beside it; or what it lacks. */
export function learntLine(
  key: Key,
  all: Readonly<Record<"tracking" | "pan" | "iso", Maybe<Known, string>>> & {
    readonly keepers: readonly { readonly taken: number }[];
  },
): { readonly words: string; readonly isKnown: boolean } {
  if (key === "keepers") {
    const frames = all.keepers.reduce((sum, k) => sum + k.taken, 0);
    return frames > 0
      ? { words: `yours, ${countWords(frames, "frame")}, beside the chance that is reckoned`, isKnown: true }
      : { words: "no judged burst yet", isKnown: false };
  }
  const found = all[key];
  if (!found.ok) {
    const { frames = 0, least = 0 } = found.numbers ?? {};
    const what = key === "iso" ? "kept frames" : "measured smears";
    return { words: `${frames} ${what} so far; it takes ${least}`, isKnown: false };
  }
  const { value, low, high } = found.value;
  const usual = key === "iso" ? "four times base where nothing is told" : `usual ${USUAL[key]}`;
  return {
    words: `${valueWords(key, value)}, between ${valueWords(key, low)} and ${valueWords(key, high)}: ${from(found.value)}; ${usual}`,
    isKnown: true,
  };
}

/** A light zone as it was measured: "Benches: 2 clicks darker than the rest, planned 1 (3 readings)". */
export function zoneFoundWords({
  name,
  offsetClicks,
  planned,
  readings,
}: {
  readonly name: string;
  readonly offsetClicks: number;
  readonly planned: number;
  readonly readings: number;
}): string {
  const against = (clicks: number): string =>
    clicks === 0
      ? "as bright as the rest"
      : `${countWords(Math.abs(clicks), "click")} ${clicks < 0 ? "darker" : "brighter"}`;
  return `${name}: ${against(offsetClicks)}, planned ${against(planned)} (${countWords(readings, "reading")})`;
}
