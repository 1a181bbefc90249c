import { formula } from "../units/formula";
import { distance } from "./bearing";

// What the functions of this folder work out, in the names of their inputs.

const PLACE = ["m", -400, 400] as const;

export const GROUND_FORMULAS = {
  distance: formula(
    "m",
    {
      aimEast: PLACE,
      lensEast: PLACE,
      aimNorth: PLACE,
      lensNorth: PLACE,
      aimHeight: ["m", 0, 60],
      lensHeight: ["m", 0, 60],
    },
    "sqrt((aimEast - lensEast)^2 + (aimNorth - lensNorth)^2 + (aimHeight - lensHeight)^2)",
    (of) =>
      distance(
        { x: of.lensEast, y: of.lensNorth, z: of.lensHeight },
        { x: of.aimEast, y: of.aimNorth, z: of.aimHeight },
      ),
    "handbook-optics",
  ),
} as const;
