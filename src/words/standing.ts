import type { AreaKind, DrawnKind, LeaveKind, Official, StandingArea } from "@/core/ground";
import type { PerilCode } from "@/core/guard";
import type { JudgementOf } from "@/core/judge";
import { metresWords } from "./format";
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
  course: "course",
  escape: "run-off of the bend",
  edge: "cliff’s edge",
  enclosure: "enclosure",
  "off-track": "ground off the track",
  way: "way",
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
  wardens: "the wardens",
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

/** Officials who are one person. */
const ONE: readonly Official[] = ["referee", "pool-referee", "range-officer"];

/** Those who decide with what they do: "the umpires agree", "the referee agrees". */
export const officialsDo = (official: Official, many: string, one: string): string =>
  `${OFFICIALS[official]} ${ONE.includes(official) ? one : many}`;

export const needsLeaveSentence = ({ area, official = "stewards" }: OfArea): string =>
  `${capital(areaWords(area))}: only if ${officialsDo(official, "agree", "agrees")}. Ask, then tick it in the brief, or step back.`;

export const onLeaveSentence = ({ area, official = "stewards" }: OfArea): string =>
  `You are on ${areaWords(area)} by leave: ${officialsDo(official, "have", "has")} the last word.`;

/** What happens at a place, and where one goes instead. */
const PERILS: Readonly<Record<PerilCode, readonly [happens: string, instead: string]>> = {
  "ahead-of-throw": ["Ahead of a throw, where implements land", "Stand behind the circle or the arc"],
  "no-cage-between": [
    "No cage between you and the throw",
    "Stand behind the cage, or draw it where it stands",
  ],
  "near-cage": ["Near the cage, whose netting gives way", "Step back from it"],
  "beside-runway": ["Beside the runway or behind its start", "Step back from it"],
  "line-of-ball": ["In the line of the ball", "Go behind a net or boards, or out of its line"],
  "beside-play": ["Beside the line, where players and balls come over", "Step back from the line"],
  landing: ["Where somebody lands", "Go to the side"],
  "in-line": ["Straight on where the way bends", "Go inside, or behind a barrier"],
  "outside-bend": ["Outside a bend", "Go inside, or behind a barrier"],
  "beside-track": ["Beside the track without a barrier", "Step back, or go behind a barrier"],
  animal: ["Nearer than this animal is left", "A longer lens, or wait"],
  nest: ["Near a nest, a den or a haul-out", "Leave it, and do not tell where it is"],
};

type OfPeril = JudgementOf<"keep-off" | "with-care">;

const decides = ({ peril, official = "stewards" }: OfPeril): string =>
  peril === "animal" || peril === "nest"
    ? "Local law, wardens and guides decide."
    : `${capital(officialsDo(official, "decide", "decides"))}.`;

/** Nobody stands there: what happens, how far away one is and should be, the way out, and who decides. */
export function keepOffSentence(said: OfPeril): string {
  const [happens, instead] = PERILS[said.peril];
  const { away, least } = said.numbers;
  const far = least > 0 ? `: ${metresWords(away)}, keep ${metresWords(least)}` : "";
  return `${happens}${far}. ${instead}. ${decides(said)}`;
}

export function withCareSentence(said: OfPeril): string {
  const [happens] = PERILS[said.peril];
  return `${happens}, ${metresWords(said.numbers.away)} off. Keep a way to step aside. ${decides(said)}`;
}
