import type { DayCondition } from "./day-conditions";
import type { Known } from "./kit";

/** A thing that is packed, and for which days; for every day while it names none. */
export interface PackingRow extends Known {
  readonly id: string;
  readonly name: string;
  /** Why, in a few words. */
  readonly reason: string;
  readonly when: readonly DayCondition[];
  /** Grams, about. */
  readonly weightG: number;
}

const PRACTICE: Known = { known: "common practice", source: "common practice, no source" };
const GUESS: Known = { known: "estimated", source: "assumed, no source" };

// prettier-ignore
/** What is packed besides bodies and lenses; weights are of usual things and are assumed. */
export const PACKING: readonly PackingRow[] = Object.freeze([
  { id: "phone-power", name: "Power for the phone",            reason: "the card, the light and the tags live on it",      when: [],                        weightG: 200, ...GUESS },
  { id: "cloth",       name: "Lens cloth and blower",          reason: "nothing else cleans a front element in the field", when: [],                        weightG: 80,  ...GUESS },
  { id: "lists",       name: "Start lists and a pencil",       reason: "they exist soon after opening; mark your people",  when: [],                        weightG: 50,  ...PRACTICE },
  { id: "first-aid",   name: "Plasters and a whistle",         reason: "nobody is beside you when it is needed",           when: ["alone", "snow-slope", "boat"], weightG: 120, ...GUESS },
  { id: "told",        name: "Somebody who knows where you are", reason: "and when to look for you; say it before you go", when: ["alone", "snow-slope", "boat", "hide"], weightG: 0, ...PRACTICE },
  { id: "hat",         name: "Hat and sun cream",              reason: "hours without shade",                              when: ["heat"],                  weightG: 150, ...PRACTICE },
  { id: "shade",       name: "A white cloth over the long lens", reason: "black barrels heat and the air in them swims",   when: ["heat"],                  weightG: 100, ...PRACTICE },
  { id: "gloves",      name: "Thin gloves under warm ones",    reason: "fingers that can still turn a dial",               when: ["cold", "snow-slope"],    weightG: 150, ...PRACTICE },
  { id: "warm-pocket", name: "Batteries in an inner pocket",   reason: "a cold one gives half; warmed it gives again",     when: ["cold", "snow-slope"],    weightG: 0,   ...PRACTICE },
  { id: "rain-cover",  name: "Rain cover, on before the rain", reason: "on a wet camera it comes too late",                when: ["rain", "boat", "wet-deck"], weightG: 200, ...PRACTICE },
  { id: "towel",       name: "Towel",                          reason: "for hands, bodies and the ground one lies on",     when: ["rain", "wet-deck", "boat", "damp-forest"], weightG: 250, ...PRACTICE },
  { id: "mat",         name: "Kneeling mat",                   reason: "low makes the picture, and low means wet",         when: ["wet-deck", "damp-forest", "rain"], weightG: 300, ...PRACTICE },
  { id: "dry-bags",    name: "Case with drying bags",          reason: "sealed by night, so that no damp stays",           when: ["damp-forest", "wet-deck", "rain", "boat"], weightG: 150, ...PRACTICE },
  { id: "grip",        name: "Shoes that grip and are quiet",  reason: "wet edges slip, halls echo",                       when: ["wet-deck", "dark-hall"], weightG: 0,   ...PRACTICE },
  { id: "grey-card",   name: "Grey card",                      reason: "white balance fixed once under lamps",             when: ["dark-hall", "night", "wet-deck"], weightG: 30, ...PRACTICE },
  { id: "head-lamp",   name: "Head lamp, red",                 reason: "the way there and back is dark",                   when: ["night", "hide", "alone"], weightG: 90, ...PRACTICE },
  { id: "sealed",      name: "One lens per body, sealed bag",  reason: "no lens is changed where chalk or dust flies",     when: ["dust"],                  weightG: 60,  ...PRACTICE },
  { id: "transceiver", name: "Avalanche gear, and who can use it", reason: "only with people who know the slope; ask the local service first", when: ["snow-slope"], weightG: 2500, ...PRACTICE },
  { id: "float",       name: "Life vest and a float for the bag", reason: "worn, not stowed; the skipper decides",         when: ["boat"],                  weightG: 900, ...PRACTICE },
  { id: "seat",        name: "Seat and a flask",               reason: "hours without standing up or making a sound",      when: ["hide"],                  weightG: 1200, ...PRACTICE },
  { id: "beanbag",     name: "Beanbag",                        reason: "a rest on any sill, without a sound",              when: ["hide", "damp-forest"],   weightG: 900, ...PRACTICE },
]);

export type CareId = "adapt" | "warm" | "night" | "cover" | "dust" | "salt" | "mains" | "heat";

/** A rule of caring for kit, and the days that it belongs to. */
export interface CareRow extends Known {
  readonly id: CareId;
  readonly when: readonly DayCondition[];
}

// prettier-ignore
export const CARE: readonly CareRow[] = Object.freeze([
  { id: "adapt",  when: ["damp-forest", "wet-deck", "heat"], ...PRACTICE },
  { id: "warm",   when: ["cold", "snow-slope"], ...PRACTICE },
  { id: "night",  when: ["damp-forest", "boat", "rain"], ...PRACTICE },
  { id: "cover",  when: ["rain", "boat"], ...PRACTICE },
  { id: "dust",   when: ["dust"], ...PRACTICE },
  { id: "salt",   when: ["boat"], ...PRACTICE },
  { id: "mains",  when: ["wet-deck"], ...PRACTICE },
  { id: "heat",   when: ["heat"], ...PRACTICE },
]);

/** Rows for a day: those for every day, and those that one of its conditions asks for. */
export const forDay = <T extends { readonly when: readonly DayCondition[] }>(
  rows: readonly T[],
  conditions: readonly DayCondition[],
): T[] => rows.filter((row) => row.when.length === 0 || row.when.some((c) => conditions.includes(c)));
