import { formula } from "../units/formula";
import { bearingTo, distance, heightAngle } from "./bearing";
import { loadedPace, walkSeconds } from "./pace";

// What the functions of this folder work out, in the names of their inputs.

const PLACE = ["m", -400, 400] as const;
const SIGHT = {
  aimEast: PLACE,
  lensEast: PLACE,
  aimNorth: PLACE,
  lensNorth: PLACE,
  aimHeight: ["m", 0, 60],
  lensHeight: ["m", 0.2, 55],
} as const;

const ends = (of: Readonly<Record<keyof typeof SIGHT, number>>) =>
  [
    { x: of.lensEast, y: of.lensNorth, z: of.lensHeight },
    { x: of.aimEast, y: of.aimNorth, z: of.aimHeight },
  ] as const;

export const GROUND_FORMULAS = {
  distance: formula(
    "m",
    SIGHT,
    "sqrt((aimEast - lensEast)^2 + (aimNorth - lensNorth)^2 + (aimHeight - lensHeight)^2)",
    (of) => distance(...ends(of)),
    "handbook-optics",
  ),
  bearingTo: formula(
    "°",
    { aimEast: PLACE, lensEast: PLACE, aimNorth: PLACE, lensNorth: PLACE },
    "mod(atan2(aimEast - lensEast, aimNorth - lensNorth) * 180 / pi + 360, 360)",
    (of) => bearingTo({ x: of.lensEast, y: of.lensNorth }, { x: of.aimEast, y: of.aimNorth }),
    "handbook-optics",
  ),
  loadedPace: formula(
    "m/s",
    { walkingPace: ["m/s", 0.5, 2.5], grams: ["g", 0, 40_000] },
    "walkingPace * max(0.7, 1 - 0.015 * max(0, (grams - 5000) / 1000))",
    loadedPace,
    "assumed",
  ),
  walkSeconds: formula(
    "s",
    { metres: ["m", 0, 20_000], pace: ["m/s", 0.3, 2.5] },
    "metres / pace",
    ({ metres, pace }) => walkSeconds(metres, pace),
    "handbook-optics",
  ),
  heightAngle: formula(
    "°",
    SIGHT,
    "atan2(aimHeight - lensHeight, sqrt((aimEast - lensEast)^2 + (aimNorth - lensNorth)^2)) * 180 / pi",
    (of) => heightAngle(...ends(of)),
    "handbook-optics",
  ),
} as const;
