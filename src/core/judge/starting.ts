import { apertureNearest, shutterNearest, type Settings } from "../exposure";
import type { KeptVerdict, Silhouette, Subject } from "../motion";
import type { Intent } from "../scene";
import type { AssessInput } from "./assessment";
import { assess } from "./assess";

/** A starting point of practice, and the pictures, figures or subjects that it speaks of; of any where none is named. */
interface StartingPoint {
  /** Seconds, above 0. */
  readonly shutter: number;
  /** f-number from wide open to stopped down. */
  readonly fNumber: readonly [number, number];
  readonly intents?: readonly Intent[];
  readonly figures?: readonly Silhouette[];
  /** Ids. */
  readonly subjects?: readonly string[];
}

/** A starting point of practice as it comes out from this very place. */
export interface StartJudged<Start extends StartingPoint> {
  readonly start: Start;
  /** The usual start with the ISO that the light asks for. */
  readonly settings: Settings;
  /** Clicks that the light is short at the ceiling; 0 where it suffices. */
  readonly short: number;
  /** Smear of the held part in µm at the usual start, and the word for the share of frames. */
  readonly blurUm: number;
  readonly verdict: KeptVerdict;
  /** Frames of one that hold there, 0 … 1. */
  readonly chance: number;
}

/** Whether a starting point speaks of a shot: of its subject or its figure, or of what the picture is to do. */
const speaksOf = (start: StartingPoint, { shot, subject }: AssessInput): boolean =>
  start.intents ? start.intents.includes(shot.intent) : startsWith(start, subject);

/** Whether a starting point speaks of a subject by its id or its figure, whatever the picture is to do. */
export const startsWith = (
  { figures, subjects, intents }: Omit<StartingPoint, "shutter" | "fNumber">,
  { id, figure }: Pick<Subject, "id" | "figure">,
): boolean =>
  intents === undefined &&
  (subjects?.includes(id) === true || (figure !== undefined && figures?.includes(figure) === true));

/** The starting points of practice that speak of a shot, each as the model judges it from here; walking about last. */
export function startsFor<Start extends StartingPoint>(
  input: AssessInput,
  rows: readonly Start[],
): StartJudged<Start>[] {
  const byPicture = rows.filter((row) => row.intents && speaksOf(row, input));
  const bySubject = rows.filter((row) => !row.intents && speaksOf(row, input));
  const always = rows.filter((row) => !row.intents && !row.figures && !row.subjects);
  return [...byPicture, ...bySubject, ...always].flatMap((start): StartJudged<Start>[] => {
    const shutter = shutterNearest(start.shutter);
    const aperture = apertureNearest(start.fNumber[0]);
    const there = assess({ ...input, locked: { shutter, aperture } });
    if (!there.ok) return [];
    const { settings, short } = there.settings;
    const { blurUm, verdict, chance } = there.motion.held;
    return [
      {
        start,
        settings,
        short,
        blurUm,
        verdict,
        chance,
      },
    ];
  });
}
