/** How much of an outing goes to somebody else. */
export const WAYS = ["whole", "without-people", "without-place", "plan-only", "card-only"] as const;
export type Way = (typeof WAYS)[number];

/** What is left out of whatever leaves unless it is ticked this time. */
export const ASKED_EACH_TIME = ["young", "consent", "contacts", "nests"] as const;
export type AskedEachTime = (typeof ASKED_EACH_TIME)[number];

/** What was chosen to leave, this time. */
export interface Leaving {
  readonly way: Way;
  readonly ticked: readonly AskedEachTime[];
}

/** What a part of an outing is to somebody who gets it. */
export type Part =
  "title" | "names" | "place" | "plan" | "programme" | "people" | "contacts" | "words" | "log";

/** Words are free text: nobody can tell whom or what they name, so they go with the whole alone. */
const LEAVES: Readonly<Record<Way, readonly Part[]>> = {
  whole: ["title", "names", "place", "plan", "programme", "people", "contacts", "words", "log"],
  "without-people": ["title", "names", "place", "plan", "programme", "log"],
  "without-place": ["title", "names", "plan", "programme", "people", "log"],
  "plan-only": ["title", "names", "place", "plan"],
  "card-only": ["title", "names"],
};

/** What an outing has that is asked about each time. */
export interface Kept {
  /** It is of young people. */
  readonly isYoung: boolean;
  /** A nest, a den or a haul-out is drawn on it, or is to be minded there. */
  readonly hasNests: boolean;
}

/** What would give a nest back that is left out: the place, what is drawn about it, what it is called, what was said of it. */
const TELLS_OF_NEST: readonly Part[] = ["names", "place", "plan", "words"];

/**
 * Whether a part of an outing leaves. Names of the young and contacts do where they are ticked this time; where a nest is left out, so is
 * what would give it back.
 */
export function leaves(part: Part, { way, ticked }: Leaving, { isYoung, hasNests }: Kept): boolean {
  if (!LEAVES[way].includes(part)) return false;
  if (hasNests && !ticked.includes("nests") && TELLS_OF_NEST.includes(part)) return false;
  if (part === "people") return !isYoung || ticked.includes("young");
  return part !== "contacts" || ticked.includes("contacts");
}

/** Whether coordinates go as they are; else they go to the kilometre. */
export const isPlaceExact = (leaving: Leaving, kept: Kept): boolean => leaves("place", leaving, kept);

/** What there is to be ticked for a way. */
export function askedOf(way: Way, kept: Kept): AskedEachTime[] {
  const has = (part: Part): boolean => LEAVES[way].includes(part);
  const asked: Readonly<Record<AskedEachTime, boolean>> = {
    young: has("people") && kept.isYoung,
    consent: has("people"),
    contacts: has("contacts"),
    nests: kept.hasNests,
  };
  return ASKED_EACH_TIME.filter((one) => asked[one]);
}
