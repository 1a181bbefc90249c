import type { AreaKind } from "../ground";
import type { Scenery } from "./stagings";
import type { SubjectGroup } from "./subjects";

/**
 * What can hurt or disturb where a subject is met, dangers first, in the order in which it is said. One table, common practice, no source;
 * who decides stands in each sentence. A row holds where any of what it names is so.
 */
export interface CautionRow {
  readonly code: string;
  /** Ids of subjects. */
  readonly subjects?: readonly string[];
  readonly groups?: readonly SubjectGroup[];
  readonly sceneries?: readonly Scenery[];
  /** Parts that the venue has. */
  readonly parts?: readonly AreaKind[];
  readonly venues?: readonly string[];
  /** What the subject carries, strikes or throws: words in the names of its parts. */
  readonly tools?: readonly string[];
}

const words = (list: string): readonly string[] => list.split(" ");

const DANGEROUS = words("bear-walking wolf-trotting wild-boar");
const QUIET = words("golf-swing tennis-serve sprint-start swim-start dressage-horse gymnast-beam diver");
const DAZZLED = words(
  "gymnast gymnast-bars gymnast-beam trampolinist diver judoka fencer climber speed-climber jumping-horse cross-country-horse dressage-horse owl-flying badger",
);
const LONG_GRASS = words(
  "deer-standing deer-running roe-deer-walking wild-boar fox-trotting hare-running badger butterfly-calm butterfly-wind butterfly-flying bee-flower dragonfly-perched",
);

export const CAUTION_ROWS = [
  { code: "throwing-sector", venues: ["throwing-sector", "javelin-sector", "athletics-400"] },
  { code: "dangerous-animals", subjects: DANGEROUS },
  { code: "vehicles", groups: ["motors"] },
  { code: "horses", groups: ["horses"] },
  { code: "balls", tools: ["ball", "puck", "sliotar"] },
  { code: "avalanche", subjects: ["skier", "snowboarder"] },
  { code: "course", sceneries: ["road", "field-course", "racecourse", "snow-course"] },
  { code: "heights", sceneries: ["wall"] },
  { code: "tide", sceneries: ["sea"], subjects: ["seal", "wader-feeding", "gull-flying", "tern-flying"] },
  { code: "water", sceneries: ["water", "sea"], parts: ["water"] },
  { code: "electricity", parts: ["pool-deck"] },
  { code: "distance", groups: ["birds", "mammals"] },
  { code: "nests", groups: ["birds", "mammals"] },
  { code: "run-off", groups: ["team sport"] },
  { code: "silence", subjects: QUIET },
  { code: "flash", subjects: DAZZLED },
  { code: "feeding", subjects: ["small-bird-feeder", "tit-flying", "squirrel"] },
  { code: "ticks", subjects: LONG_GRASS },
  { code: "private-land", groups: ["mammals", "insects and weather"], subjects: ["trail-runner"] },
  { code: "cold", sceneries: ["snow-course"], parts: ["ice"] },
  { code: "alone", groups: ["birds", "mammals", "insects and weather"] },
  {
    code: "young-people",
    groups: [
      "team sport",
      "bat and racket",
      "athletics",
      "water",
      "wheels",
      "snow and ice",
      "climbing and gymnastics",
      "horses",
      "people",
    ],
  },
] as const satisfies readonly CautionRow[];
