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

const DANGEROUS = words("bear-walking wolf-trotting wild-boar big-cat-walking elephant-walking");
const ENGINES = words("racing-car rally-car road-racing-motorcycle motocross-rider kart speedway-rider");
const QUIET = words(
  "curling-delivery archer golf-swing tennis-serve sprint-start swim-start dressage-horse gymnast-beam diver",
);
const DAZZLED = words(
  "gymnast gymnast-bars gymnast-beam trampolinist diver judoka fencer climber speed-climber jumping-horse cross-country-horse dressage-horse owl-flying badger hedgehog bat-flying dolphin-leaping wrestler martial-arts-kick cheer-stunt cheer-toss dancer-leap dancer-turn dog-agility",
);
const LONG_GRASS = words(
  "deer-standing deer-running roe-deer-walking wild-boar fox-trotting hare-running badger butterfly-calm butterfly-wind butterfly-flying bee-flower dragonfly-perched rabbit-feeding lizard-basking snake-basking spider-web frog-calling",
);

export const CAUTION_ROWS = [
  { code: "throwing-sector", venues: ["throwing-sector", "javelin-sector", "athletics-400"] },
  { code: "dangerous-animals", subjects: DANGEROUS },
  { code: "venom", subjects: words("snake-basking spider-web") },
  { code: "off-the-track", venues: ["savanna"] },
  { code: "vehicles", subjects: ENGINES },
  { code: "aircraft", subjects: words("aircraft-jet aircraft-propeller helicopter") },
  { code: "horses", groups: ["horses"] },
  { code: "dogs", groups: ["dogs"] },
  { code: "balls", tools: ["ball", "puck", "sliotar"] },
  { code: "avalanche", subjects: ["skier"] },
  { code: "course", sceneries: ["road", "field-course", "racecourse", "snow-course"], parts: ["course"] },
  {
    code: "heights",
    sceneries: ["wall"],
    subjects: ["puffin-standing", "puffin-flying", "gannet-flying"],
    venues: ["cliff", "lead-wall", "boulder-wall", "speed-climbing"],
  },
  {
    code: "tide",
    sceneries: ["sea"],
    subjects: ["seal", "wader-feeding", "gull-flying", "tern-flying", "flock-flying"],
    venues: ["beach", "estuary"],
  },
  { code: "water", sceneries: ["water", "sea"], parts: ["water"] },
  { code: "electricity", parts: ["pool-deck"] },
  { code: "distance", groups: ["birds", "mammals", "reptiles and amphibians"] },
  { code: "nests", groups: ["birds", "mammals"] },
  { code: "run-off", groups: ["team sport"] },
  { code: "silence", subjects: QUIET },
  { code: "flash", subjects: DAZZLED },
  {
    code: "feeding",
    subjects: [
      "small-bird-feeder",
      "tit-flying",
      "squirrel",
      "squirrel-feeding",
      "hedgehog",
      "raptor-feeding",
    ],
  },
  { code: "ticks", subjects: LONG_GRASS },
  {
    code: "private-land",
    groups: ["mammals", "reptiles and amphibians", "insects, spiders and weather"],
    subjects: ["trail-runner"],
  },
  {
    code: "cold",
    sceneries: ["snow-course"],
    parts: ["ice"],
    venues: ["slalom-hill", "ski-piste", "half-pipe", "jump-hill"],
  },
  { code: "alone", groups: ["birds", "mammals", "reptiles and amphibians", "insects, spiders and weather"] },
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
      "dogs",
      "horses",
      "people",
    ],
  },
] as const satisfies readonly CautionRow[];
