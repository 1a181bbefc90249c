import { formula } from "../units/formula";
import { blurLengthUm, movingUmPerSecond, slowestExposure, stillLengthUm } from "./blur-budget";
import {
  betweenFrames,
  burstRun,
  chanceToHold,
  focusDrift,
  focusedAt,
  preBurstSeconds,
  takeOffSpeed,
  topOfJump,
} from "./burst";
import { chanceFromLog, speedSpread, steadyChance } from "./chance";
import { flickerBands, flickerSwing, modulationFromFrames, swingInStops } from "./flicker";
import { imageSpeedUm, umPerMetreAt } from "./image-motion";
import { panDepthBlurUm, panRate, panRateChange, streakLength } from "./pan";
import { rollingShutterLeanMm } from "./rolling-shutter";
import { shakeUmPerSecond } from "./shake";

// What the functions of this folder work out, in the names of their inputs.

const SPEED = ["m/s", 0.05, 90] as const;
const EXPOSURE = ["s", 1 / 16000, 2] as const;
const VARIANCES = "variance-rule";
const PRACTICE = "common-practice";

/** What softens a picture as its two lengths say it: what does not move, as a disc, and what moves. */
const asTwo = (stillUm: number, moving: number) => ({
  motionUmPerSecond: moving,
  shakeUmPerSecond: 0,
  // A disc of diameter c has the variance of a straight smear of √(12/16)·c.
  defocusUm: stillUm / Math.sqrt(0.75),
  workingFNumber: 0,
  pixelUm: 0,
});

export const MOTION_FORMULAS = {
  stillLengthUm: formula(
    "µm",
    { defocus: ["µm", 0, 60], workingFNumber: ["f-number", 1, 64], pixel: ["µm", 1, 9] },
    "sqrt(12 * (defocus^2 / 16 + (0.42 * 0.55 * workingFNumber)^2 + pixel^2 / 12))",
    ({ defocus, workingFNumber, pixel }) =>
      stillLengthUm({
        motionUmPerSecond: 0,
        shakeUmPerSecond: 0,
        defocusUm: defocus,
        workingFNumber,
        pixelUm: pixel,
      }),
    VARIANCES,
  ),
  movingUmPerSecond: formula(
    "µm/s",
    { motion: ["µm/s", 0, 400_000], shakeAlong: ["µm/s", 0, 30_000], shake: ["µm/s", 0, 30_000] },
    "max(sqrt(motion^2 + shakeAlong^2), shake)",
    ({ motion, shakeAlong, shake }) =>
      movingUmPerSecond({
        motionUmPerSecond: motion,
        shakeUmPerSecond: shake,
        shakeAlongUmPerSecond: shakeAlong,
        defocusUm: 0,
        workingFNumber: 0,
        pixelUm: 0,
      }),
    VARIANCES,
  ),
  blurLengthUm: formula(
    "µm",
    { moving: ["µm/s", 0, 400_000], exposure: EXPOSURE, still: ["µm", 0, 80] },
    "sqrt((moving * exposure)^2 + still^2)",
    ({ moving, exposure, still }) => blurLengthUm(asTwo(still, moving), exposure),
    VARIANCES,
  ),
  slowestExposure: formula(
    "s",
    { tolerance: ["µm", 2, 400], still: ["µm", 0, 80], moving: ["µm/s", 0, 400_000] },
    "tolerance <= still ? 0 : moving == 0 ? Infinity : sqrt(tolerance^2 - still^2) / moving",
    ({ tolerance, still, moving }) => {
      const slowest = slowestExposure(asTwo(still, moving), tolerance);
      if (slowest === "none") return 0;
      return slowest === "any" ? Infinity : slowest;
    },
    VARIANCES,
  ),
  umPerMetreAt: formula(
    "µm",
    { imageDistanceMm: ["mm", 8, 1000], distance: ["m", 1, 500] },
    "1000 * imageDistanceMm / distance",
    ({ imageDistanceMm, distance }) => umPerMetreAt(imageDistanceMm, distance),
    "handbook-optics",
  ),
  imageSpeedUm: formula(
    "µm/s",
    { speed: SPEED, umPerMetre: ["µm", 1, 200_000] },
    "speed * umPerMetre",
    ({ speed, umPerMetre }) => imageSpeedUm(speed, umPerMetre),
    "handbook-optics",
  ),
  focusDrift: formula(
    "m",
    { approach: ["m/s", 0, 60] },
    "0.01 * approach",
    ({ approach }) => focusDrift(approach, "predictive"),
    PRACTICE,
  ),
  "focusDrift.press": formula(
    "m",
    { approach: ["m/s", 0, 60] },
    "0.03 * approach",
    ({ approach }) => focusDrift(approach, "press"),
    PRACTICE,
  ),
  "focusDrift.burst": formula(
    "m",
    { approach: ["m/s", 0, 60], framesPerSecond: ["/s", 1, 120] },
    "approach / (2 * framesPerSecond)",
    ({ approach, framesPerSecond }) => focusDrift(approach, { burstFps: framesPerSecond }),
    PRACTICE,
  ),
  focusedAt: formula(
    "m",
    { distance: ["m", 1, 500], drift: ["m", 0, 1] },
    "distance + drift",
    ({ distance, drift }) => focusedAt(distance, drift),
    PRACTICE,
  ),
  shakeUmPerSecond: formula(
    "µm/s",
    { focalLengthMm: ["mm", 8, 800], stabiliserStops: ["stops", 0, 8], supportStops: ["stops", 0, 8] },
    "1000 * focalLengthMm * 0.0288 / 2^min(6, stabiliserStops + supportStops)",
    shakeUmPerSecond,
    PRACTICE,
  ),
  steadyChance: formula(
    "",
    { room: ["", 0, 6] },
    "1 - exp(-pi * room^2 / 4)",
    ({ room }) => steadyChance(room),
    VARIANCES,
  ),
  speedSpread: formula(
    "",
    { typical: SPEED, fast: SPEED },
    "fast > typical ? log(min(100, fast / typical)) / 1.645 : 0.15",
    ({ typical, fast }) => speedSpread(typical, fast),
    "assumed",
  ),
  chanceFromLog: formula(
    "",
    { chance: ["", 0, 1], kept: ["frames", 0, 500, "whole"], taken: ["frames", 500, 2000, "whole"] },
    "(10 * chance + kept) / (10 + taken)",
    ({ chance, ...log }) => chanceFromLog(chance, log),
    "assumed",
  ),
  flickerSwing: formula(
    "",
    { mainsHz: ["Hz", 50, 60], modulation: ["", 0.02, 1], exposure: EXPOSURE },
    "2 * mainsHz * exposure >= 0.98 and abs(2 * mainsHz * exposure - round(2 * mainsHz * exposure)) <= 0.02 * round(2 * mainsHz * exposure) ? 0 : modulation * abs(sin(pi * 2 * mainsHz * exposure) / (pi * 2 * mainsHz * exposure))",
    flickerSwing,
    VARIANCES,
  ),
  swingInStops: formula(
    "stops",
    { swing: ["", 0, 1] },
    "log2(1 + min(0.999, swing)) - log2(1 - min(0.999, swing))",
    ({ swing }) => swingInStops(swing),
    VARIANCES,
  ),
  "flickerBands.count": formula(
    "",
    { mainsHz: ["Hz", 50, 60], readout: ["s", 0, 0.1] },
    "2 * mainsHz * readout",
    ({ mainsHz, readout }) => flickerBands({ mainsHz, readout, modulation: 1, exposure: 0.001 }).count,
    VARIANCES,
  ),
  modulationFromFrames: formula(
    "",
    { stopsApart: ["stops", 0.05, 3], mainsHz: ["Hz", 50, 60], exposure: ["s", 1 / 4000, 1 / 150] },
    "min(1, (2^stopsApart - 1) / (2^stopsApart + 1) / abs(sin(pi * 2 * mainsHz * exposure) / (pi * 2 * mainsHz * exposure)))",
    (of) => modulationFromFrames(of) ?? Number.NaN,
    VARIANCES,
  ),
  betweenFrames: formula(
    "m",
    { speed: SPEED, framesPerSecond: ["/s", 1, 120] },
    "speed / framesPerSecond",
    ({ speed, framesPerSecond }) => betweenFrames(speed, framesPerSecond),
    PRACTICE,
  ),
  preBurstSeconds: formula(
    "s",
    { frames: ["frames", 1, 500, "whole"], framesPerSecond: ["/s", 1, 120] },
    "frames / framesPerSecond",
    ({ frames, framesPerSecond }) => preBurstSeconds(frames, framesPerSecond),
    PRACTICE,
  ),
  chanceToHold: formula(
    "",
    { halfWidth: ["s", 0.0002, 0.2], framesPerSecond: ["/s", 1, 120] },
    "min(1, 2 * halfWidth * framesPerSecond)",
    ({ halfWidth, framesPerSecond }) => chanceToHold(halfWidth, framesPerSecond),
    VARIANCES,
  ),
  topOfJump: formula(
    "s",
    { speed: ["m/s", 0.01, 3] },
    "2 * speed / 9.80665",
    ({ speed }) => topOfJump(speed),
    "handbook-optics",
  ),
  takeOffSpeed: formula(
    "m/s",
    { rise: ["m", 0.02, 3] },
    "sqrt(2 * 9.80665 * rise)",
    ({ rise }) => takeOffSpeed(rise),
    "handbook-optics",
  ),
  "burstRun.seconds": formula(
    "s",
    {
      framesPerSecond: ["/s", 1, 60],
      frameMb: ["MB", 5, 100],
      bufferMb: ["MB", 50, 5000],
      writeMbPerSecond: ["MB/s", 20, 2000],
    },
    "framesPerSecond * frameMb <= writeMbPerSecond ? Infinity : bufferMb / (framesPerSecond * frameMb - writeMbPerSecond)",
    (of) => {
      const { seconds } = burstRun(of);
      return seconds === "unlimited" ? Infinity : seconds;
    },
    PRACTICE,
  ),
  rollingShutterLeanMm: formula(
    "mm",
    { imageMmPerSecond: ["mm/s", 0, 400], readout: ["s", 0.0005, 0.1] },
    "imageMmPerSecond * readout",
    rollingShutterLeanMm,
    PRACTICE,
  ),
  streakLength: formula(
    "m",
    { transverseSpeed: SPEED, exposure: EXPOSURE },
    "transverseSpeed * exposure",
    ({ transverseSpeed, exposure }) => streakLength(transverseSpeed, exposure),
    "handbook-optics",
  ),
  panRate: formula(
    "rad/s",
    { speed: SPEED, nearest: ["m", 1, 200], along: ["m", -200, 200] },
    "speed * nearest / (nearest^2 + along^2)",
    ({ along, ...pass }) => panRate(pass, along),
    "handbook-optics",
  ),
  panRateChange: formula(
    "rad/s²",
    { speed: SPEED, nearest: ["m", 1, 200], along: ["m", -200, 200] },
    "2 * speed^2 * nearest * along / (nearest^2 + along^2)^2",
    ({ along, ...pass }) => panRateChange(pass, along),
    "handbook-optics",
  ),
  panDepthBlurUm: formula(
    "µm",
    {
      speed: SPEED,
      followed: ["m", 1, 200],
      part: ["m", 1, 200],
      focalLengthMm: ["mm", 8, 800],
      exposure: EXPOSURE,
    },
    "1000 * speed * abs(1 / followed - 1 / part) * focalLengthMm * exposure",
    panDepthBlurUm,
    "handbook-optics",
  ),
} as const;
