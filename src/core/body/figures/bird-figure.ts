import { builtFigure, type Figure } from "../figure";
import { bird, type Bird, type BirdPose, type WingPose } from "../rigs/bird";
import { aboveWater } from "../water";

// How wings are held, and a bird as a figure: from memory of pictures in sequence.

export const UP: WingPose = { arm: 48, hand: 68, sweep: 18 };
export const DOWN: WingPose = { arm: -34, hand: -46, sweep: 6 };
export const LEVEL: WingPose = { arm: 6, hand: 2, sweep: 14 };
export const RAISED: WingPose = { arm: 16, hand: 18, sweep: 12 };
export const BRAKING: WingPose = { arm: 40, hand: 30, sweep: -6 };
export const SWEPT: WingPose = { arm: 2, hand: -4, sweep: 66, open: 0.66 };
export const HALF: WingPose = { arm: 10, hand: -6, sweep: 46, open: 0.8 };

export type Poses = Readonly<Record<string, BirdPose>>;
export type Measure = "height" | "length" | "span";

export const of = (
  built: Bird,
  measure: Measure,
  poses: Poses,
  peak = 1,
  measured = Object.keys(poses)[peak]!,
): Figure =>
  builtFigure(
    measure,
    Object.fromEntries(Object.entries(poses).map(([name, pose]) => [name, () => swimming(built, pose)])),
    { peak, measured: () => swimming(built, poses[measured]!) },
  );

function swimming(built: Bird, pose: BirdPose) {
  const posed = bird(built, pose);
  return pose.afloat === undefined ? posed : { ...posed, solids: aboveWater(posed.solids) };
}
