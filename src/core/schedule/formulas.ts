import { formula } from "../units/formula";
import { coldShare, suppliesOf, type SuppliesInput } from "./supplies";

// What the functions of this folder work out, in the names of their inputs.

const DAY: SuppliesInput = {
  bursts: 1,
  seconds: 1,
  framesPerSecond: 10,
  frameMb: 30,
  cardsGb: [64],
  ratedFrames: 500,
  temperature: 20,
  hours: 5,
};
const PRACTICE = "common-practice";

export const SCHEDULE_FORMULAS = {
  "suppliesOf.frames": formula(
    "frames",
    { bursts: ["", 0, 2000, "whole"], framesPerSecond: ["/s", 1, 60], seconds: ["s", 0.2, 20] },
    "round(bursts * framesPerSecond * seconds)",
    (of) => suppliesOf({ ...DAY, ...of }).frames,
    PRACTICE,
  ),
  "suppliesOf.framesByRate": formula(
    "frames",
    { each: ["frames", 1, 2000], times: ["", 0, 100] },
    "round(each * times)",
    ({ each, times }) => suppliesOf({ ...DAY, ownRate: { each, times, per: "hour", outings: 1 } }).frames,
    PRACTICE,
  ),
  "suppliesOf.cards": formula(
    "",
    {
      frames: ["frames", 1, 20_000, "whole"],
      frameMb: ["MB", 5, 100],
      largestCardGb: ["", 16, 1024, "whole"],
    },
    "ceil(frames * frameMb / 1000 / largestCardGb) + 1",
    ({ frames, frameMb, largestCardGb }) =>
      suppliesOf({ ...DAY, bursts: frames, framesPerSecond: 1, frameMb, cardsGb: [largestCardGb] }).cards,
    PRACTICE,
  ),
  coldShare: formula(
    "",
    { temperature: ["°C", -30, 45] },
    "temperature <= -10 ? 0.5 : temperature <= 0 ? 0.5 + (temperature + 10) / 10 * 0.25 : temperature <= 20 ? 0.75 + temperature / 20 * 0.25 : 1",
    ({ temperature }) => coldShare(temperature),
    PRACTICE,
  ),
  "suppliesOf.batteries": formula(
    "",
    {
      frames: ["frames", 0, 20_000, "whole"],
      ratedFrames: ["frames", 50, 3000, "whole"],
      temperature: ["°C", -30, 45],
      coldShare: ["", 0, Infinity],
    },
    "ceil(frames / (ratedFrames * 2 * coldShare)) + 1",
    ({ frames, ratedFrames, temperature }) =>
      suppliesOf({ ...DAY, bursts: frames, framesPerSecond: 1, ratedFrames, temperature }).batteries,
    PRACTICE,
  ),
  "suppliesOf.waterLitres": formula(
    "l",
    { hours: ["h", 0, 18], temperature: ["°C", -20, 45] },
    "temperature <= 15 ? hours * 0.15 : temperature <= 25 ? hours * (0.15 + (temperature - 15) / 10 * 0.2) : temperature <= 35 ? hours * (0.35 + (temperature - 25) / 10 * 0.4) : hours * 0.75",
    (of) => suppliesOf({ ...DAY, ...of }).waterLitres,
    PRACTICE,
  ),
} as const;
