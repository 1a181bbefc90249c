import type { Known } from "./kit";

/** A scene as it is usually lit: EV at ISO 100, from … to. */
export interface LightLevel extends Known {
  readonly id: string;
  readonly name: string;
  /** EV at ISO 100 where it is darkest. */
  readonly evFrom: number;
  /** EV at ISO 100 where it is brightest. */
  readonly evTo: number;
}

const GUIDE: Known = { known: "from memory", source: "ANSI PH2.7 exposure guide" };
const PRACTICE: Known = { known: "common practice", source: "common practice, no source" };

// prettier-ignore
/** Scene light levels. */
export const LIGHT_LEVELS: readonly LightLevel[] = Object.freeze([
  { id: "snow-in-sun",       name: "Snow or sand in bright sun",            evFrom: 16,  evTo: 16,  ...GUIDE },
  { id: "sun",               name: "Sun with distinct shadows",             evFrom: 15,  evTo: 15,  ...GUIDE },
  { id: "hazy-sun",          name: "Hazy sun, soft shadows",                evFrom: 14,  evTo: 14,  ...GUIDE },
  { id: "cloudy-bright",     name: "Cloudy bright, no shadows",             evFrom: 13,  evTo: 13,  ...GUIDE },
  { id: "heavy-overcast",    name: "Heavy overcast or open shade",          evFrom: 12,  evTo: 12,  ...GUIDE },
  { id: "stand-shade",       name: "Shade of a stand, three stops under sun", evFrom: 11.5, evTo: 12, ...PRACTICE },
  { id: "forest",            name: "Forest floor by day",                   evFrom: 7,   evTo: 9,   ...PRACTICE },
  { id: "sunset",            name: "At sunset, the subject lit by the sky", evFrom: 8,   evTo: 9,   ...PRACTICE },
  { id: "blue-hour",         name: "Blue hour",                             evFrom: 1,   evTo: 4,   ...PRACTICE },
  { id: "full-moon",         name: "Under the full moon, away from lamps", evFrom: -3,  evTo: -2,  ...GUIDE },
  { id: "night-sport",       name: "Night sport under professional lights", evFrom: 9,   evTo: 9,   ...GUIDE },
  { id: "professional-park", name: "Professional park at night",            evFrom: 8.7, evTo: 9.3, ...PRACTICE },
  { id: "local-floodlights", name: "Local floodlights",                     evFrom: 5,   evTo: 7,   ...PRACTICE },
  { id: "school-floodlights", name: "School floodlights, ISO 8000",         evFrom: 6,   evTo: 7,   ...PRACTICE },
  { id: "school-hall",       name: "School hall, 1/1000 f/2.8 ISO 6400–10000", evFrom: 6.3, evTo: 7, ...PRACTICE },
  { id: "ice-show",          name: "Ice show under floodlights",            evFrom: 9,   evTo: 9,   ...GUIDE },
  { id: "stage-and-sport",   name: "Sports events and stage shows",         evFrom: 8,   evTo: 9,   ...GUIDE },
  { id: "circus",            name: "Floodlit circus",                       evFrom: 8,   evTo: 8,   ...GUIDE },
  { id: "bright-street",     name: "Bright streets at night",               evFrom: 8,   evTo: 8,   ...GUIDE },
  { id: "home",              name: "Home interiors",                        evFrom: 5,   evTo: 7,   ...GUIDE },
]);

/** A class of sports lighting: mean horizontal lux by kind of place. */
export interface LightingClass extends Known {
  readonly kind: "hall ball games" | "outdoor field games" | "swimming";
  readonly class: "I" | "II" | "III";
  /** Horizontal lux that the class asks for. */
  readonly lux: number;
}

const EN: Known = { known: "from memory", source: "EN 12193, mean horizontal illuminance" };

// prettier-ignore
/** Lighting classes. */
export const LIGHTING_CLASSES: readonly LightingClass[] = Object.freeze([
  { kind: "hall ball games",     class: "I",   lux: 750, ...EN },
  { kind: "hall ball games",     class: "II",  lux: 500, ...EN },
  { kind: "hall ball games",     class: "III", lux: 200, ...EN },
  { kind: "outdoor field games", class: "I",   lux: 500, ...EN },
  { kind: "outdoor field games", class: "II",  lux: 200, ...EN },
  { kind: "outdoor field games", class: "III", lux: 75,  ...EN },
  { kind: "swimming",            class: "I",   lux: 500, ...EN },
  { kind: "swimming",            class: "II",  lux: 300, ...EN },
  { kind: "swimming",            class: "III", lux: 200, ...EN },
]);
