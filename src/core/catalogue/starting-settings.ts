import type { Silhouette } from "../motion";
import type { Intent } from "../scene";
import type { Known } from "./kit";

/** A starting point of practice: seconds from the slowest that is accepted to what is taken while there is light. */
export interface StartingSettings extends Known {
  readonly id: string;
  readonly discipline: string;
  /** The usual start, the least that is accepted, and what is taken with light to spare; seconds. */
  readonly shutter: number;
  /** The least that is accepted, seconds. */
  readonly least: number;
  /** What is taken with light to spare, seconds. */
  readonly withLight: number;
  /** f-number from wide open to stopped down. */
  readonly fNumber: readonly [number, number];
  /** The pictures, the figures or the subjects by their ids that it speaks of; of any where none is named. */
  readonly intents?: readonly Intent[];
  readonly subjects?: readonly string[];
  readonly figures?: readonly Silhouette[];
  /** Where practice is of two minds: what each school does. */
  readonly schools?: readonly [string, string];
}

const PRACTICE: Known = { known: "common practice", source: "common practice, no source" };
const OPEN = [2.8, 4] as const;
const DARK: readonly [string, string] = [
  "down to 1/500 when it gets dark, the picture before the sharpness",
  "never under 1/800: a smeared hand is no picture",
];

// prettier-ignore
/** Starting settings by discipline, with both schools where they differ. */
export const STARTING_SETTINGS: readonly StartingSettings[] = Object.freeze([
  { id: "field-and-court", figures: ["running", "low-stick", "kicking", "keeping", "throwing", "crouching", "wheelchair"], discipline: "Field and court sport", shutter: 1 / 1000, least: 1 / 500, withLight: 1 / 1250, fNumber: OPEN, schools: DARK, ...PRACTICE },
  { id: "hall", figures: ["throwing", "jumping", "leaping", "keeping", "crouching"], discipline: "School halls", shutter: 1 / 1000, least: 1 / 500, withLight: 1 / 1000, fNumber: [2.8, 2.8], schools: DARK, ...PRACTICE },
  { id: "sprint", figures: ["running", "leaping", "javelin"], discipline: "Sprint and sand pit", shutter: 1 / 1600, least: 1 / 800, withLight: 1 / 2000, fNumber: OPEN, ...PRACTICE },
  { id: "bats", figures: ["batting", "racket", "low-stick"], discipline: "Bats, rackets and clubs", shutter: 1 / 1000, least: 1 / 800, withLight: 1 / 2000, fNumber: OPEN, schools: ["stop the bat: 1/800 and faster", "let it smear at 1/400 for a sense of the swing"], ...PRACTICE },
  { id: "net-jump", figures: ["jumping"], discipline: "Net sports in a hall, the jump", shutter: 1 / 1000, least: 1 / 640, withLight: 1 / 1250, fNumber: [2.8, 2.8], ...PRACTICE },
  { id: "swimming", figures: ["swimming"], discipline: "Swimming", shutter: 1 / 1000, least: 1 / 640, withLight: 1 / 1600, fNumber: OPEN, schools: ["freeze the drops at 1/1000", "pan the whole body at 1/60"], ...PRACTICE },
  { id: "climbing", figures: ["climbing"], discipline: "Climbing", shutter: 1 / 600, least: 1 / 500, withLight: 1 / 800, fNumber: OPEN, ...PRACTICE },
  { id: "skiing", figures: ["skiing"], discipline: "Skiing, mid-turn", shutter: 1 / 500, least: 1 / 250, withLight: 1 / 1250, fNumber: [4, 8], schools: ["expose for the snow's texture, darker than the meter wants", "expose for the face, the snow goes white"], ...PRACTICE },
  { id: "boards", figures: ["board", "sail", "boat"], discipline: "Boards, boats and sails", shutter: 1 / 1250, least: 1 / 640, withLight: 1 / 2000, fNumber: [4, 8], schools: ["freeze the spray at 1/1250 and faster", "pan the board at 1/60"], ...PRACTICE },
  { id: "motors", figures: ["vehicle", "motorcycle"], discipline: "Motors, head on", shutter: 1 / 1000, least: 1 / 500, withLight: 1 / 2000, fNumber: [4, 8], schools: ["from the side always a pan: wheels that stand look parked", "head on as fast as the light lets"], ...PRACTICE },
  { id: "aircraft", figures: ["aircraft"], discipline: "Aircraft", shutter: 1 / 1000, least: 1 / 125, withLight: 1 / 2000, fNumber: [5.6, 8], schools: ["a jet at 1/1000 and faster", "a propeller or a rotor at 1/125 to 1/250, so that it turns"], ...PRACTICE },
  { id: "dogs", figures: ["dog"], discipline: "Dogs that run and leap", shutter: 1 / 1600, least: 1 / 1000, withLight: 1 / 2500, fNumber: OPEN, ...PRACTICE },
  { id: "curling", subjects: ["curling-delivery"], discipline: "Curling, the slide", shutter: 1 / 250, least: 1 / 160, withLight: 1 / 500, fNumber: [2.8, 2.8], ...PRACTICE },
  { id: "running-trail", figures: ["running"], discipline: "Road and trail running", shutter: 1 / 1000, least: 1 / 640, withLight: 1 / 1250, fNumber: [2.8, 8], ...PRACTICE },
  { id: "pan", intents: ["pan", "streak"], discipline: "Panning wheels and horses", shutter: 1 / 60, least: 1 / 8, withLight: 1 / 250, fNumber: [8, 16], schools: ["track with a fast shutter", "pan and let the place streak"], ...PRACTICE },
  { id: "flight", figures: ["flying", "stooping"], discipline: "Anything with wings, walking about", shutter: 1 / 1000, least: 1 / 1000, withLight: 1 / 2000, fNumber: [4, 5.6], ...PRACTICE },
  { id: "singing-bird", figures: ["perched", "wading", "afloat"], discipline: "Birds that sit, wade and swim", shutter: 1 / 500, least: 1 / 400, withLight: 1 / 800, fNumber: [4, 5.6], ...PRACTICE },
  { id: "butterfly", figures: ["insect", "spider", "frog", "lizard", "snake"], discipline: "Butterflies on a stem, and what is as small and still", shutter: 1 / 250, least: 1 / 250, withLight: 1 / 500, fNumber: [2.8, 5.6], ...PRACTICE },
  { id: "whales", figures: ["whale"], discipline: "Whales and dolphins from a boat", shutter: 1 / 1600, least: 1 / 1000, withLight: 1 / 2500, fNumber: [5.6, 8], ...PRACTICE },
  { id: "forest", figures: ["deer", "beast", "otter", "fox", "hare", "seal"], discipline: "Forest animals at rest, with a rest", shutter: 1 / 40, least: 1 / 40, withLight: 1 / 250, fNumber: [2.8, 5.6], ...PRACTICE },
  { id: "between-actions", intents: ["reaction"], discipline: "Faces between actions", shutter: 1 / 250, least: 1 / 125, withLight: 1 / 500, fNumber: OPEN, ...PRACTICE },
  { id: "context", intents: ["context"], discipline: "The subject in its place", shutter: 1 / 500, least: 1 / 250, withLight: 1 / 1000, fNumber: [8, 8], ...PRACTICE },
  { id: "professional-park", figures: ["batting"], discipline: "Professional park at night", shutter: 1 / 1600, least: 1 / 1000, withLight: 1 / 1600, fNumber: [4, 4], schools: ["manual, one measurement and clicks per zone", "automatic ISO between floor and ceiling"], ...PRACTICE },
  { id: "walk-about", discipline: "Walking about", shutter: 1 / 1000, least: 1 / 500, withLight: 1 / 2000, fNumber: [2.8, 4], schools: ["aperture priority wide open, ISO 400 bright and 1600 dull", "manual with automatic ISO"], ...PRACTICE },
]);
