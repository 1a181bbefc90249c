import { denominatorOf, markOf } from "@/answers/expose/rails";
import type { Rail, Settings } from "@/core/exposure";
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
    short: (click) => `1/${denominatorOf(click)}`,
  },
  aperture: {
    name: "Aperture",
    inSentence: "aperture",
    first: 3,
    last: 27,
    named: 6,
    words: apertureWords,
    short: (click) => String(markOf("aperture", click)),
  },
  iso: {
    name: "ISO",
    inSentence: "ISO",
    first: 0,
    last: 27,
    named: 6,
    words: isoWords,
    short: (click) => String(markOf("iso", click)),
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

/** What a push does: a rail is held where it is put, or asks first when the two others are held and it follows. */
export type Push =
  | { readonly does: "hold"; readonly locked: Partial<Settings> }
  | { readonly does: "ask"; readonly held: readonly Rail[] };

/** A hold is let go of by the user alone: the rail that follows two held ones asks which of them may go. */
export function pushed(locked: Partial<Settings>, rail: Rail, click: number): Push {
  const held = RAILS.filter((r) => r !== rail && locked[r] !== undefined);
  if (locked[rail] === undefined && held.length === 2) return { does: "ask", held };
  return { does: "hold", locked: { ...locked, [rail]: click } };
}

/** The holds without one of them. */
export function letGo(locked: Partial<Settings>, rail: Rail): Partial<Settings> {
  const { [rail]: _, ...rest } = locked;
  return rest;
}
