import { apertureNearest, isoNearest, shutterNearest, type Settings } from "@/core/exposure";
import { previewAt, type ShutterPreview } from "@/core/judge";
import { choiceOf, type Outing } from "@/data";
import { editChoice } from "@/outing/edits";
import type { OutingView } from "@/outing/outing-view";

/** A shutter of the ladder of one's own picture. */
export interface CourseRung extends ShutterPreview {
  /** Click. */
  readonly shutter: number;
  readonly isOwn: boolean;
}

/** A way to a brighter picture, with what it costs here. */
export interface CourseWay {
  readonly rail: keyof Settings;
  readonly settings: Settings;
  /** Pixels of the delivery that it smears then. */
  readonly blurPx: number;
  /** Chance 0 … 1 that a frame holds it. */
  readonly chance: number;
  /** Clicks of it that lens or body do not have: nobody can set them. */
  readonly missing: number;
}

/** Four lessons on one's own picture: is it blurred, a stop brighter three ways, what ends each way, the set to try. */
export interface Course {
  /** What somebody set. */
  readonly own: Settings;
  /** Five shutters a stop apart about one's own, from the slowest. */
  readonly ladder: readonly CourseRung[];
  /** The slowest of them that keeps nine of ten, where one does. */
  readonly holds?: number;
  readonly ways: readonly CourseWay[];
  /** What is to be set for the shot, as every panel has it. */
  readonly set: Settings;
  /** Chance 0 … 1 that a frame holds it then. */
  readonly setChance: number;
  /** Clicks that are still missing then: it comes out so dark. */
  readonly stillDark: number;
  /** The shot to try. */
  readonly shot: string;
}

/** What a hall often comes out dark and blurred with: 1/80, f/5.6, ISO 1600. */
export const ownToBegin = (): Settings => ({
  shutter: shutterNearest(1 / 80),
  aperture: apertureNearest(5.6),
  iso: isoNearest(1600),
});

/** Clicks of a stop. */
const STOP = 3;
/** Frames that count as holding. */
const HOLDS = 0.9;

/** An outing with another body and lens for a shot, and nothing held unless it is told. */
export const withKit = (
  outing: Outing,
  shotId: string,
  kit: { readonly bodyId: string; readonly lensId: string },
  locked: Partial<Settings> = {},
): Outing =>
  choiceOf(outing, shotId)
    ? editChoice(shotId, { ...kit, converterId: null, focalLengthMm: null, locked })({
        ...outing,
        bag: null,
      })
    : outing;

/** The course of the shot in hand, from what somebody set; nothing while it has no picture. */
export function courseOf({ input, found, shot }: OutingView, own: Settings): Course | undefined {
  if (!input || !found) return undefined;
  const { rails, settings: set, missing } = found.settings;
  const within = (click: number): boolean => click >= rails.shutter.first && click <= rails.shutter.last;
  const ladder = [-2, -1, 0, 1, 2]
    .map((n) => own.shutter + STOP * n)
    .filter(within)
    .map((shutter): CourseRung => ({
      shutter,
      isOwn: shutter === own.shutter,
      ...previewAt(input, found, shutter),
    }));
  const brighter = (rail: keyof Settings): CourseWay => {
    const by = rail === "iso" ? STOP : -STOP;
    const click = own[rail] + by;
    const { first, last } = rails[rail];
    const missingHere = rail === "iso" ? Math.max(0, click - last) : Math.max(0, first - click);
    const settings = { ...own, [rail]: Math.min(last, Math.max(first, click)) };
    const { blurPx, chance } = previewAt(input, found, settings.shutter);
    return { rail, settings, blurPx, chance, missing: missingHere };
  };
  const holds = ladder.find((rung) => rung.chance >= HOLDS)?.shutter;
  return {
    own,
    ladder,
    ...(holds !== undefined && { holds }),
    ways: (["shutter", "aperture", "iso"] as const).map(brighter),
    set,
    setChance: previewAt(input, found, set.shutter).chance,
    stillDark: missing,
    shot: shot.name,
  };
}
