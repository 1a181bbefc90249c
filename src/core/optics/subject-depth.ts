import { sinDeg } from "../units";
import { blurDiscUm } from "./depth-of-field";

/** Depth in metres that a subject of a length takes along the view when turned by an angle 0 (side on) … 90 degrees. */
export const turnedDepth = (length: number, turnDeg: number): number => Math.abs(length * sinDeg(turnDeg));

export interface TurnedSubject {
  /** Focal length in mm, above 0. */
  readonly focalLengthMm: number;
  /** Metres to the eye, on which the lens is focused. */
  readonly subjectDistance: number;
  /** Length of the subject in metres, its turn in degrees, and the share of it that lies nearer than the eye. */
  readonly length: number;
  /** Degrees by which its length is turned from the plane of focus, 0 … 90. */
  readonly turnDeg: number;
  /** Share 0 … 1 of its length that lies nearer than the eye. */
  readonly nearShare: number;
  /** Circle of confusion on the sensor in mm, above 0. */
  readonly circleOfConfusionMm: number;
}

/**
 * The f-number that holds a turned subject from its nearest to its farthest point with the focus on the eye: the larger
 * of f²·|x − s|/(c·x·(s − f)) (handbook). A subject nearer than its own depth counts to half the distance.
 */
export function fNumberForTurned(input: TurnedSubject): number {
  const { focalLengthMm, subjectDistance: subject, circleOfConfusionMm: c, nearShare } = input;
  const depth = turnedDepth(input.length, input.turnDeg);
  const near = Math.max(subject / 2, subject - depth * nearShare);
  const far = subject + depth * (1 - nearShare);
  const disc = (point: number): number =>
    blurDiscUm({ focalLengthMm, fNumber: 1, subjectDistance: subject, point });
  return Math.max(disc(near), disc(far)) / (c * 1000);
}
