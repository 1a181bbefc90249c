import { apertureNearest, shutterNearest, type Settings } from "../exposure";
import type { KeptVerdict, Silhouette, Subject } from "../motion";
import type { Intent } from "../scene";
import type { AssessInput } from "./assessment";
import { assess } from "./assess";

/** A starting point of practice, and the pictures, figures or subjects that it speaks of; of any where none is named. */
interface StartingPoint {
  /** The usual start, the slowest that is accepted, and what is taken with light to spare; seconds, above 0. */
  readonly shutter: number;
  readonly least: number;
  readonly withLight: number;
  /** f-number from wide open to stopped down. */
  readonly fNumber: readonly [number, number];
  readonly intents?: readonly Intent[];
  readonly figures?: readonly Silhouette[];
  /** Ids. */
  readonly subjects?: readonly string[];
}

/** Settings of practice as they come out from this very place. */
export interface StartAt {
  /** With the ISO that the light asks for. */
  readonly settings: Settings;
  /** Clicks that the light is short at the ceiling; 0 where it suffices. */
  readonly short: number;
  /** Smear of the held part in µm there, and the word for the share of frames. */
  readonly blurUm: number;
  readonly verdict: KeptVerdict;
  /** Frames of one that hold there, 0 … 1. */
  readonly chance: number;
}

/** A starting point of practice: its usual start, what is taken when it gets dark, wide open, and with light to spare, stopped down. */
export interface StartJudged<Start extends StartingPoint> extends StartAt {
  readonly start: Start;
  readonly inTheDark: StartAt;
  readonly inTheLight: StartAt;
}

/** Whether a starting point speaks of a shot: of its subject or its figure, or of what the picture is to do. */
const speaksOf = (start: StartingPoint, { shot, subject }: AssessInput): boolean =>
  start.intents ? start.intents.includes(shot.intent) : startsWith(start, subject);

/** Whether a starting point speaks of a subject by its id or its figure, whatever the picture is to do. */
export const startsWith = (
  { figures, subjects, intents }: Pick<StartingPoint, "figures" | "subjects" | "intents">,
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
    const [open, stopped] = start.fNumber;
    const usual = judgedAt(input, start.shutter, open);
    const inTheDark = judgedAt(input, start.least, open);
    const inTheLight = judgedAt(input, start.withLight, stopped);
    return usual && inTheDark && inTheLight ? [{ ...usual, start, inTheDark, inTheLight }] : [];
  });
}

/** A shutter in seconds and an f-number as they come out; nothing where there is no picture. */
function judgedAt(input: AssessInput, seconds: number, fNumber: number): StartAt | undefined {
  const locked = { shutter: shutterNearest(seconds), aperture: apertureNearest(fNumber) };
  const there = assess({ ...input, locked });
  if (!there.ok) return undefined;
  const { settings, short } = there.settings;
  const { blurUm, verdict, chance } = there.motion.held;
  return { settings, short, blurUm, verdict, chance };
}
