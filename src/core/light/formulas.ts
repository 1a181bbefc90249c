import { formula } from "../units/formula";
import { pictureSays } from "./picture-reading";
import { readingOffset } from "./reading";
import { evFromLux, luxFromEv, totalLux } from "./subject-light";
import { shadowLength } from "./shade";

// What the functions of this folder work out, in the names of their inputs.

export const LIGHT_FORMULAS = {
  readingOffset: formula(
    "stops",
    { settingsEv: ["EV", -4, 20], offClicks: ["clicks", -24, 24, "whole"], modelEv: ["EV", -4, 20] },
    "settingsEv + offClicks / 3 - modelEv",
    readingOffset,
    "exif-2-32",
  ),
  evFromLux: formula(
    "EV",
    { lux: ["lx", 0.0005, 130_000] },
    "log2(lux / 2.5)",
    ({ lux }) => evFromLux(lux),
    "iso-2720",
  ),
  luxFromEv: formula("lx", { ev: ["EV", -10, 18] }, "2.5 * 2^ev", ({ ev }) => luxFromEv(ev), "iso-2720"),
  totalLux: formula(
    "lx",
    {
      sun: ["lx", 0, 100_000],
      sky: ["lx", 0, 30_000],
      ground: ["lx", 0, 30_000],
      moon: ["lx", 0, 0.4],
      lamps: ["lx", 0, 3000],
      night: ["lx", 0.0005, 0.001],
    },
    "max(night, sun + sky + ground + moon + lamps)",
    totalLux,
    "ies-daylight",
  ),
  pictureSays: formula(
    "stops",
    { median: ["", 0.1, 0.3], reflectance: ["", 0.12, 0.2], rightMedian: ["", 0.15, 0.22] },
    "log2(median / rightMedian) - log2(reflectance / (pi * 12.5 / 250))",
    (of) => {
      const says = pictureSays({ ...of, clipped: 0 });
      return says.kind === "off" ? says.stops : Number.NaN;
    },
    "iso-2720",
  ),
  shadowLength: formula(
    "m",
    { height: ["m", 0.1, 60], altitude: ["°", 0.5, 89] },
    "height / tan(altitude * pi / 180)",
    ({ height, altitude }) => shadowLength(height, altitude),
    "handbook-optics",
  ),
} as const;
