import type { Estimate } from "@/core/review";
import type { Maybe } from "@/core/units";
import { countWords } from "./format";
import { restsOn, USUAL, valueWords, type OwnFigure } from "./yours";

type Learnt = Exclude<OwnFigure, "moment">;
type Key = Learnt | "keepers";
type Known = Estimate & { readonly outings: number };

const TITLE: Readonly<Record<Key, string>> = {
  tracking: "What your following hand leaves",
  pan: "Spread of your pan",
  iso: "ISO up to which you keep",
  lift: "Lifting up to which you keep",
  keepers: "Keepers by shutter",
  pace: "Your pace on foot",
};
export const learntTitle = (key: Key): string => TITLE[key];

/** What it takes to tell something, and what stands beside it where nothing is learnt. */
const LACKS: Readonly<Record<Learnt, string>> = {
  tracking: "measured smears",
  pan: "measured smears",
  iso: "kept frames",
  lift: "kept frames whose lifting was told",
  pace: "timed walks",
};
const BESIDE: Readonly<Record<Learnt, string>> = {
  tracking: `usual ${USUAL.tracking}`,
  pan: `usual ${USUAL.pan}`,
  iso: "four times base where nothing is told",
  lift: "else what the body in the kit allows",
  pace: "else the pace in the preferences",
};

/** What was learnt of one thing: value, interval, frames, outings, with the usual figure beside it; or what it lacks. */
export function learntLine(
  key: Key,
  all: Readonly<Record<Learnt, Maybe<Known, string>>> & {
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
    return { words: `${frames} ${LACKS[key]} so far; it takes ${least}`, isKnown: false };
  }
  const { value, low, high, frames, outings } = found.value;
  const from = `${restsOn(key, frames)} of ${countWords(outings, "outing")}`;
  return {
    words: `${valueWords(key, value)}, between ${valueWords(key, low)} and ${valueWords(key, high)}: ${from}; ${BESIDE[key]}`,
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
