import { builtFigure, type Figure } from "../figure";
import { fourLegged, type Beast, type BeastPose } from "../rigs/four-legged";

export const posed = (beast: Beast, poses: Readonly<Record<string, BeastPose>>, peak = 1): Figure =>
  builtFigure(
    "length",
    Object.fromEntries(Object.entries(poses).map(([name, pose]) => [name, () => fourLegged(beast, pose)])),
    { peak },
  );
