import { formula } from "../units/formula";
import { swingingShare } from "./flicker-found";
import { fillAt } from "./reach-found";
import {
  clearShare,
  faceShare,
  holdShare,
  levelShare,
  lightShare,
  reachShare,
  smoothShare,
  turnShare,
  walkShare,
  weighedMean,
} from "./score-shares";

// What the shares of a score work out, in the names of their inputs.

const SHARE = ["", 0, 1] as const;
const WEIGHT = ["", 0, 5] as const;

/** What a score is the mean of; each has a weight of its name. */
const PARTS = [
  "reach",
  "lightSide",
  "lightEnough",
  "movement",
  "background",
  "face",
  "eyeLevel",
  "glare",
  "ownShadow",
  "walk",
] as const;

export const JUDGE_FORMULAS = {
  swingingShare: formula(
    "",
    { modulation: ["", 0, 1], lamps: ["lx", 0, 5000], total: ["lx", 1, 120_000] },
    "modulation * lamps / total",
    swingingShare,
    "variance-rule",
  ),
  fillAt: formula(
    "",
    { fill: ["", 0.005, 20], focalLengthMm: ["mm", 8, 1600], otherMm: ["mm", 8, 1600] },
    "fill * otherMm / focalLengthMm",
    ({ fill, focalLengthMm, otherMm }) => fillAt(fill, focalLengthMm, otherMm),
    "handbook-optics",
  ),
  reachShare: formula(
    "",
    { fill: ["", 0.005, 20], wished: ["", 0.02, 1], hidden: SHARE },
    "max(0, min(1, 1 - abs(log2(fill / wished)))) * (1 - hidden)",
    reachShare,
    "assumed",
  ),
  turnShare: formula(
    "",
    { turn: ["°", -180, 180], wished: ["°", -180, 180] },
    "(1 + cos((turn - wished) * pi / 180)) / 2",
    turnShare,
    "assumed",
  ),
  lightShare: formula(
    "",
    { short: ["clicks", 0, 30], missing: ["clicks", 0, 30], over: ["clicks", 0, 30] },
    "max(0, min(1, 1 - (short + missing + over) / 9))",
    lightShare,
    "assumed",
  ),
  holdShare: formula(
    "",
    { blur: ["µm", 0.1, 10_000], tolerance: ["µm", 0.5, 500] },
    "max(0, min(1, (4 - blur / tolerance) / 3))",
    holdShare,
    "assumed",
  ),
  smoothShare: formula(
    "",
    { smoothness: ["", 0.001, 1000] },
    "max(0, min(1, 0.5 + log2(smoothness) / 3.2))",
    smoothShare,
    "assumed",
  ),
  faceShare: formula(
    "",
    { turn: ["°", 0, 180], hidden: ["", 0, 1, "whole"] },
    "(1 - hidden) * (1 + cos(turn * pi / 180)) / 2",
    faceShare,
    "assumed",
  ),
  levelShare: formula(
    "",
    { heightAngle: ["°", -90, 90] },
    "max(0, min(1, 1 - abs(heightAngle) / 45))",
    levelShare,
    "assumed",
  ),
  clearShare: formula("", { fault: ["", 0, 1, "whole"] }, "1 - fault", clearShare, "assumed"),
  walkShare: formula("", { walk: ["m", 0, 20_000] }, "400 / (400 + walk)", walkShare, "assumed"),
  weighedMean: formula(
    "",
    {
      reach: SHARE,
      reachWeight: ["", 0.1, 5],
      lightSide: SHARE,
      lightSideWeight: WEIGHT,
      lightEnough: SHARE,
      lightEnoughWeight: WEIGHT,
      movement: SHARE,
      movementWeight: WEIGHT,
      background: SHARE,
      backgroundWeight: WEIGHT,
      face: SHARE,
      faceWeight: WEIGHT,
      eyeLevel: SHARE,
      eyeLevelWeight: WEIGHT,
      glare: SHARE,
      glareWeight: WEIGHT,
      ownShadow: SHARE,
      ownShadowWeight: WEIGHT,
      walk: SHARE,
      walkWeight: WEIGHT,
    },
    `(${PARTS.map((part) => `${part}Weight * ${part}`).join(" + ")}) / (${PARTS.map((part) => `${part}Weight`).join(" + ")})`,
    (of) => weighedMean(PARTS.map((part) => ({ score: of[part], weight: of[`${part}Weight`] }))),
    "assumed",
  ),
} as const;
