import type { LeaveKind, Official } from "@/core/ground";
import type { Judgement } from "@/core/judge";

/** Words of where one may stand, and of who decides. */

const AREAS: Readonly<Record<NonNullable<Judgement["area"]>, string>> = {
  "field-of-play": "the field of play",
  "run-off": "the run-off",
  baseline: "the strip behind the end line",
  lanes: "the lanes",
  infield: "the infield",
  water: "the water",
  "pool-deck": "the pool deck",
  ice: "the ice",
  mat: "the mat",
  pit: "the landing pit",
  "landing-sector": "the landing sector",
  range: "the range",
  "no-go": "a closed area",
  "outside-walls": "outside the walls",
};
export const areaWords = (area: NonNullable<Judgement["area"]>): string => AREAS[area];

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
  const words = AREAS[kind].replace(/^the /, "");
  return `${words.charAt(0).toUpperCase()}${words.slice(1)}, agreed with ${OFFICIALS[official]}`;
}

const capital = (words: string): string => words.charAt(0).toUpperCase() + words.slice(1);

/** Nobody stands there: what it is, and what to do. */
export function neverSentence({ area = "no-go" }: Judgement): string {
  if (area === "outside-walls") return "Outside the hall’s walls. Move inside.";
  if (area === "no-go") return "Closed: no standing here. Move out of the marked area.";
  return `${capital(AREAS[area])}: no standing here. Move off it.`;
}

export const needsLeaveSentence = ({ area = "run-off", official = "stewards" }: Judgement): string =>
  `${capital(AREAS[area])}: only if ${OFFICIALS[official]} agree. Ask, then tick it in the brief, or step back.`;

export const onLeaveSentence = ({ area = "run-off", official = "stewards" }: Judgement): string =>
  `You are on ${AREAS[area]} by leave: ${OFFICIALS[official]} have the last word.`;
