import { bellowsLoss, stabiliserStopsOf, type Support } from "../optics";
import { shakeUmPerSecond } from "../motion";
import type { AssessInput, Assessment } from "./assessment";

/** The slowest exposure that a way of holding the camera bears, shake alone. */
export interface Steady {
  readonly id: string;
  /** Seconds, above 0. */
  readonly slowest: number;
}

/** What limits a picture of something that keeps its place. */
export interface StillFound {
  /** By hand, by hand with the stabiliser, and on each support with it; the least steady first. */
  readonly steady: readonly Steady[];
  /** Slowest exposure in seconds that the sway of the subject bears: a stem in the wind, a breath; none where it rests. */
  readonly sway?: number;
  /** Stops of light that focusing so near costs. */
  readonly bellowsStops: number;
  /** Times that the subject is smaller on the sensor than it is; 2 is a magnification of 1:2. */
  readonly smaller: number;
  /** Metres that the eye may drift along the view before it leaves what is sharp, to one side; unbounded is Infinity. */
  readonly drift: number;
}

/** Shake, sway, depth and light of a still or near picture, each alone against the tolerance of the held part. */
export function stillFound(
  input: AssessInput,
  { sighting, motion }: Assessment,
  supports: readonly Support[],
): StillFound {
  const { focalLengthMm, magnification } = sighting.frame;
  const { rig, subject } = input;
  const tolerance = motion.held.toleranceUm;
  const stabiliserStops = stabiliserStopsOf(rig);
  const slowest = (stabiliser: number, supportStops: number): number =>
    tolerance / shakeUmPerSecond({ focalLengthMm, stabiliserStops: stabiliser, supportStops });
  const firm = [...supports].filter((s) => s.stops > 0).sort((a, b) => a.stops - b.stops);
  const { near, far } = sighting.depth;
  const away = sighting.distance;
  return {
    steady: [
      { id: "hand", slowest: slowest(0, 0) },
      ...(stabiliserStops > 0 ? [{ id: "stabiliser", slowest: slowest(stabiliserStops, 0) }] : []),
      ...firm.map(({ id, stops }) => ({ id, slowest: slowest(stabiliserStops, stops) })),
    ],
    sway: subject.bob > 0 ? tolerance / (subject.bob * motion.body.umPerMetre) : undefined,
    bellowsStops: bellowsLoss(magnification),
    smaller: 1 / magnification,
    drift: Math.min(away - near, far === "unbounded" ? Infinity : far - away),
  };
}
