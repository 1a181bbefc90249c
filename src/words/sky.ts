import type { SpotLight, SunEventCode } from "@/core/light";
import { percentWords } from "./format";

const EVENTS: Readonly<Record<SunEventCode, string>> = {
  "astronomical-dawn": "Night ends",
  "nautical-dawn": "First light in the sky",
  "civil-dawn": "Dawn: the ground can be seen",
  sunrise: "Sunrise",
  noon: "Sun highest",
  sunset: "Sunset",
  "civil-dusk": "Dusk: the ground goes dark",
  "nautical-dusk": "Last light in the sky",
  "astronomical-dusk": "Night begins",
  "golden-begins": "Golden light begins",
  "golden-ends": "Golden light ends",
  "blue-begins": "Blue light begins",
  "blue-ends": "Blue light ends",
};

/** The same where there is room for two words; nothing for what the light itself shows. */
const SHORT: Partial<Record<SunEventCode, string>> = {
  "nautical-dawn": "first light",
  "civil-dawn": "dawn",
  noon: "sun highest",
  "civil-dusk": "dusk",
  "nautical-dusk": "last light",
  "golden-begins": "golden",
  "golden-ends": "golden ends",
  "blue-begins": "blue",
  "blue-ends": "blue ends",
};
export const skyMarkWords = (code: SunEventCode): string | undefined => SHORT[code];

/** What the sun does: "Golden light begins". */
export const sunEventWords = (code: SunEventCode): string => EVENTS[code];

const LIGHTS: Readonly<Record<SpotLight, string>> = {
  sun: "in sun",
  shaded: "in shade",
  "sun-down": "sun down",
};

/** How the sun stands to a place, and what keeps it away: "in shade of North stand". */
export const spotLightWords = (state: SpotLight, by: string | undefined): string =>
  by === undefined ? LIGHTS[state] : `${LIGHTS[state]} of ${by}`;

const PHASES: readonly (readonly [least: number, words: string])[] = [
  [0.97, "full"],
  [0.6, "more than half lit"],
  [0.4, "half lit"],
  [0.03, "a crescent"],
  [0, "new"],
];

/** The lit share 0 … 1 of the moon's disc: "half lit, 52 %". */
export const moonWords = (litShare: number): string =>
  `${PHASES.find(([least]) => litShare >= least)![1]}, ${percentWords(litShare)}`;
