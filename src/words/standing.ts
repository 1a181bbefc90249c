import type { AreaKind, DrawnKind, LeaveKind, Official, StandingArea } from "@/core/ground";
import type { JudgementOf } from "@/core/judge";
import { drawnKindWords } from "./things";

/** What speaks of a part of the ground. */
type OfArea = JudgementOf<"no-standing" | "needs-leave" | "on-leave">;

/** Words of where one may stand, and of who decides. */

/** Without an article; the two that no venue has are sentences' own. */
const AREAS: Readonly<Record<AreaKind, string>> = {
  "field-of-play": "field of play",
  "run-off": "run-off",
  baseline: "strip behind the end line",
  lanes: "lanes",
  infield: "infield",
  water: "water",
  "pool-deck": "pool deck",
  ice: "ice",
  mat: "mat",
  pit: "landing pit",
  "landing-sector": "landing sector",
  range: "range",
};
export function areaWords(area: StandingArea): string {
  if (area === "no-go") return "a closed area";
  if (area === "outside-walls") return "outside the walls";
  return area in AREAS ? `the ${AREAS[area as AreaKind]}` : drawnKindWords(area as DrawnKind).toLowerCase();
}

const OFFICIALS: Readonly<Record<Official, string>> = {
  umpires: "the umpires",
  referee: "the referee",
  judges: "the judges",
  "meeting-officials": "the meeting’s officials",
  "pool-referee": "the pool’s referee",
  stewards: "the stewards",
  "range-officer": "the range officer",
  commissaires: "the commissaires",
  marshals: "the marshals",
};
export const officialWords = (official: Official): string => OFFICIALS[official];

/** A kind of ground that needs leave, as a line to tick: "Run-off, if the umpires agree". */
export function leaveWords(kind: LeaveKind, official: Official): string {
  return `${capital(AREAS[kind])}, agreed with ${OFFICIALS[official]}`;
}

const capital = (words: string): string => words.charAt(0).toUpperCase() + words.slice(1);

/** What can hurt somebody there. The venue's own parts of the same name have their own words. */
const HAZARDS: Readonly<Partial<Record<StandingArea, string>>> = {
  throwing: "A throwing sector: implements land here.",
  "ball-line": "In the line of the ball.",
  horses: "Horses come through here.",
  vehicles: "Vehicles come through here.",
  drop: "A drop.",
  avalanche: "An avalanche run.",
};

/** Nobody stands there: what it is, and what to do. */
export function neverSentence({ area }: OfArea): string {
  if (area === "outside-walls") return "Outside the hall’s walls. Move inside.";
  if (area in HAZARDS) return `${HAZARDS[area]} Nobody stands here; ask the officials where you may.`;
  if (area === "no-go") return "Closed: no standing here. Move out of the marked area.";
  return `${capital(areaWords(area))}: no standing here. Move off it.`;
}

export const needsLeaveSentence = ({ area, official = "stewards" }: OfArea): string =>
  `${capital(areaWords(area))}: only if ${OFFICIALS[official]} agree. Ask, then tick it in the brief, or step back.`;

export const onLeaveSentence = ({ area, official = "stewards" }: OfArea): string =>
  `You are on ${areaWords(area)} by leave: ${OFFICIALS[official]} have the last word.`;
