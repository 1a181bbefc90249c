import type { Known } from "./kit";

/** What may fill a frame for a meter that takes everything for the middle. */
export interface MeterSees extends Known {
  readonly id: string;
  readonly name: string;
  /** Share 0 … 1 of the light that it throws back. */
  readonly reflectance: number;
}

const TABLE: Known = { known: "from memory", source: "albedo tables of textbooks" };
const GUESS: Known = { known: "estimated", source: "assumed, no source" };

// prettier-ignore
/** What fills the frame, from the brightest. "middle" is what ISO 2720 takes for it: πK/C. */
export const METER_SEES: readonly MeterSees[] = Object.freeze([
  { id: "snow",        name: "Fresh snow",                     reflectance: 0.85,  ...TABLE },
  { id: "ice",         name: "White ice",                      reflectance: 0.7,   ...GUESS },
  { id: "white-kit",   name: "White kit near",                 reflectance: 0.6,   ...GUESS },
  { id: "sand",        name: "Dry sand",                       reflectance: 0.35,  ...TABLE },
  { id: "floor",       name: "Light hall floor",               reflectance: 0.3,   ...GUESS },
  { id: "middle",      name: "Nothing bright or dark",         reflectance: 0.157, known: "published", source: "ISO 2720, πK/C" },
  { id: "grass",       name: "Grass",                          reflectance: 0.12,  ...GUESS },
  { id: "wood",        name: "Dark wood or forest",            reflectance: 0.07,  ...GUESS },
  { id: "crowd",       name: "Dark crowd or unlit stand",      reflectance: 0.06,  ...GUESS },
  { id: "dark-kit",    name: "Black kit or dark coat near",    reflectance: 0.04,  ...GUESS },
]);

/** A row by its id; the middle for an id that the table does not know. */
export const meterSees = (id: string): MeterSees =>
  METER_SEES.find((row) => row.id === id) ?? METER_SEES.find((row) => row.id === "middle")!;
