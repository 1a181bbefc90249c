import type { MemorySet, MemorySets, Served } from "@/core/judge";
import type { Intent } from "@/core/scene";
import { clicksWords, isoNumberWords, apertureWords, percentWords, shutterWords } from "./format";
import { setUpLines } from "./set-up";

const USES: Readonly<Record<Intent, string>> = {
  freeze: "Action",
  pan: "Pan",
  streak: "Streaks",
  still: "At rest",
  reaction: "Faces",
  context: "Place",
};

/** Sets of one use are told apart by the light that they are for, from the brightest. */
const LIGHTS = [[], [""], [", bright", ", dark"], [", bright", ", dim", ", dark"]] as const;

/** What a set is for: the pictures that it serves most. */
const useOf = ({ intents }: MemorySet): string =>
  intents
    .slice(0, 2)
    .map((intent, i) => (i === 0 ? USES[intent] : USES[intent].toLowerCase()))
    .join(" and ");

/** What each set is for, no two alike. */
export function setNames(sets: readonly MemorySet[]): string[] {
  return sets.map((set) => {
    const alike = sets.filter((s) => useOf(s) === useOf(set)).sort((a, b) => a.isoTo - b.isoTo);
    return useOf(set) + (LIGHTS[alike.length]?.[alike.indexOf(set)] ?? "");
  });
}

/** "1/1000 f/2.8 ISO 800", or the bounds between which the body chooses. */
export const setExposure = ({ shutter, aperture, mode, isoFrom, isoTo }: MemorySet): string =>
  `${shutterWords(shutter)} ${apertureWords(aperture)} ISO ${
    mode === "manual" ? isoNumberWords(isoTo) : `${isoNumberWords(isoFrom)}–${isoNumberWords(isoTo)}`
  }`;

/** Mode and the rest of the set-up, a line each; `compensation` in words. */
export const setLines = (set: MemorySet, compensation: string, shots: readonly string[]): string[] => {
  const lines = setUpLines(set.setUp);
  const of = (name: string): string => lines.find((l) => l.name === name)!.value;
  return [
    set.mode === "manual" ? "Manual" : `Manual with automatic ISO, ${compensation}`,
    `${of("Focus")}; ${of("Area").toLowerCase()}; ${of("Somebody crosses").toLowerCase()}`,
    `${of("Drive")}; ${set.setUp.shutterKind} shutter; stabiliser ${of("Stabiliser").toLowerCase()}; white balance ${of("White balance").toLowerCase()}`,
    `For ${shots.join(", ")}`,
  ];
};

/** How well the sets serve, and where worst. */
export function setsVerdict({ served, worst }: MemorySets, whereWhen: (served: Served) => string): string {
  const share = `They serve ${percentWords(served)} of the shots over the time within a click`;
  if (!worst) return `${share}.`;
  const miss = [
    worst.slower > 0 ? `the shutter is ${clicksWords(worst.slower)} off` : "",
    worst.dark > 0 ? `${clicksWords(worst.dark)} too dark` : "",
  ]
    .filter(Boolean)
    .join(" and ");
  return `${share}. Worst: ${whereWhen(worst)}, ${miss}.`;
}
