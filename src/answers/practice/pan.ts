import { shutterNearest } from "@/core/exposure";
import { assess, frameView, keeperCurve, type AssessInput, type Assessment } from "@/core/judge";
import { USUAL_HANDS } from "@/core/motion";
import { pictureOf, type FigurePiece, type PictureInput } from "@/core/picture";
import {
  isFastEnough,
  panBearing,
  panError,
  panRate,
  panSeconds,
  type PanReading,
  type PanTask,
} from "@/core/practice";
import type { OutingView } from "@/outing/outing-view";

/** The shutters of which a pan's keepers are told. */
const SHUTTERS = [1 / 125, 1 / 60, 1 / 30, 1 / 8] as const;
/** m/s below which nothing crosses that could be followed. */
const CROSSES = 0.8;
/** Degrees that the drawing of the drill shows across. */
const VIEW = 50;

/** The pan of a shot: what crosses how fast and how far away. */
export interface PanDrill {
  readonly task: PanTask;
  /** Seconds across the view. */
  readonly seconds: number;
  /** Degrees a second where it is nearest. */
  readonly rate: number;
  /** The shot as it is panned. */
  readonly input: AssessInput;
  /** 1 where it goes to the right, −1 to the left. */
  readonly toward: 1 | -1;
}

const panned = (input: AssessInput, spread: number): AssessInput => ({
  ...input,
  shot: { ...input.shot, technique: "panned", intent: "pan" },
  hands: { ...(input.hands ?? USUAL_HANDS), panSpread: spread },
});

/** The pan of the shot in hand; nothing where it has no picture, or nothing crosses. */
export function panDrill({ input, found }: Pick<OutingView, "input" | "found">): PanDrill | undefined {
  if (!input || !found) return undefined;
  const { transverseSpeed } = found.motion.body;
  const speed = Math.max(transverseSpeed, input.subject.bodySpeed);
  if (speed < CROSSES) return undefined;
  const task: PanTask = { speed, distance: found.sighting.distance, view: VIEW };
  const direction = (found.motion.body.direction * Math.PI) / 180;
  return {
    task,
    seconds: panSeconds(task),
    rate: panRate(task, 0),
    input,
    toward: Math.cos(direction) < 0 ? -1 : 1,
  };
}

/** Where the subject stands in the view so many seconds after it is nearest: −1 at its left edge … 1 at its right. */
export const placeInView = ({ task, toward }: PanDrill, seconds: number): number =>
  (toward * panBearing(task, seconds)) / (task.view / 2);

/** By what share of the right turn a crossing was off, at 1/30 about the middle. Bearings go the way the subject goes. */
export const crossingError = ({ task }: PanDrill, readings: readonly PanReading[]) =>
  panError({ task, readings, exposure: 1 / 30, at: 0 });

/** A shutter with the share 0 … 1 of frames that a pan of that spread keeps. */
export interface PanShare {
  /** Click. */
  readonly shutter: number;
  readonly chance: number;
}

/** What a spread keeps at each shutter. */
export function panShares({ input }: PanDrill, spread: number): PanShare[] {
  const asked = panned(input, spread);
  const found = assess(asked);
  if (!found.ok) return [];
  return SHUTTERS.map((seconds) => {
    const shutter = shutterNearest(seconds);
    return { shutter, chance: keeperCurve(asked, found, { from: shutter, to: shutter })[0]!.chance };
  });
}

/** What a figure is drawn from: how the picture looks at it. */
export interface PanFigure {
  readonly input: AssessInput;
  readonly found: Assessment;
  readonly view: NonNullable<ReturnType<typeof frameView>>;
}

/** Shutter and pixels of the picture that would have come out. */
const SHUTTER = 1 / 60;
const WIDTH = 200;

/** The picture that a crossing off by a share would have given, and the perfect one; the figure is given as it is seen. */
export function panPictures(
  { input }: PanDrill,
  off: number,
  figureOf: (seen: PanFigure) => readonly FigurePiece[],
): readonly [came: PictureInput, perfect: PictureInput] | undefined {
  const pictures = [Math.abs(off), 0].map((spread) => {
    const asked = { ...panned(input, spread), locked: { shutter: shutterNearest(SHUTTER) } };
    const found = assess(asked);
    const view = found.ok ? frameView(asked, found) : undefined;
    if (!found.ok || !view) return undefined;
    return pictureOf({
      input: asked,
      found,
      view,
      figure: figureOf({ input: asked, found, view }),
      shutter: shutterNearest(SHUTTER),
      width: Math.round(view.aspect < 1 ? WIDTH * view.aspect : WIDTH),
    });
  });
  const [came, perfect] = pictures;
  return came && perfect ? [came, perfect] : undefined;
}

/** A turning device as readings: its rate summed up, signed so that on the whole it goes the way the subject does. */
export function turnedReadings(
  told: readonly { readonly at: number; readonly rate: number }[],
  nearest: number,
): PanReading[] {
  let bearing = 0;
  const readings = told.map(({ at, rate }, i): PanReading => {
    const before = told[i - 1];
    if (before) bearing += ((rate + before.rate) / 2) * ((at - before.at) / 1000);
    return { at: (at - nearest) / 1000, bearing };
  });
  return bearing < 0 ? readings.map((r) => ({ ...r, bearing: -r.bearing })) : readings;
}

/** Whether a device tells its turning often enough to be measured by. */
export const tellsFastEnough = (told: readonly { readonly at: number }[]): boolean =>
  isFastEnough(told.map((t) => t.at));
