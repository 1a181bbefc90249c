import { apertureMark, isoMark, shutterMark, type Rail, type Settings } from "@/core/exposure";
import type { RailTick } from "@/ui/charts/StopRail";
import { apertureWords, isoWords, shutterWords } from "@/words";

interface Drawn {
  readonly name: string;
  /** The name within a sentence. */
  readonly inSentence: string;
  readonly first: number;
  readonly last: number;
  /** Every how many clicks a tick is named, from the first. */
  readonly named: number;
  readonly words: (click: number) => string;
  readonly short: (click: number) => string;
}

/** What of each scale is drawn: ten, eight and nine stops, a common step per stop on all three. */
export const DRAWN: Readonly<Record<Rail, Drawn>> = {
  shutter: {
    name: "Shutter",
    inSentence: "shutter",
    first: 9,
    last: 39,
    named: 6,
    words: shutterWords,
    short: (click) => `1/${shutterMark(click).denominator ?? 1}`,
  },
  aperture: {
    name: "Aperture",
    inSentence: "aperture",
    first: 3,
    last: 27,
    named: 6,
    words: apertureWords,
    short: (click) => String(apertureMark(click)),
  },
  iso: {
    name: "ISO",
    inSentence: "ISO",
    first: 0,
    last: 27,
    named: 6,
    words: isoWords,
    short: (click) => String(isoMark(click)),
  },
};

export const RAILS: readonly Rail[] = ["shutter", "aperture", "iso"];
/** Clicks of the longest rail. */
export const LONGEST = DRAWN.shutter.last - DRAWN.shutter.first;

/** A tick a stop, every second one named. */
export function ticksOf({ first, last, named, short }: Drawn): RailTick[] {
  const ticks: RailTick[] = [];
  for (let click = first; click <= last; click += 3)
    ticks.push({ click, words: (click - first) % named === 0 ? short(click) : "" });
  return ticks;
}

/**
 * What is locked after a push: the pushed rail stays where it is put. ISO follows the light; when ISO itself is pushed the
 * shutter follows, and is let go.
 */
export function lockedAfterPush(locked: Partial<Settings>, rail: Rail, click: number): Partial<Settings> {
  const next = { ...locked, [rail]: click };
  if (rail === "iso") delete next.shutter;
  if (rail === "shutter") delete next.iso;
  return next;
}
