import type { MemorySet, MemorySets, Served, SetMode, SetPurpose } from "@/core/judge";
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

/** What a set that nothing promised asks for is kept for. */
const SPARE: Readonly<Record<Exclude<SetPurpose, "brief">, string>> = {
  "dull-day": "For a dull day",
  flight: "For whatever takes wing",
};

/** Light in clicks for which a set comes to its darkest: sets of one use are told apart by it. */
const darkestOf = ({ shutter, aperture, isoTo }: MemorySet): number => shutter + aperture - isoTo;

/** What each set is for, no two alike. */
export function setNames(sets: readonly MemorySet[]): string[] {
  return sets.map((set) => {
    if (set.purpose !== "brief") return SPARE[set.purpose];
    const alike = sets
      .filter((s) => s.purpose === "brief" && useOf(s) === useOf(set))
      .sort((a, b) => darkestOf(b) - darkestOf(a));
    return useOf(set) + (LIGHTS[alike.length]?.[alike.indexOf(set)] ?? "");
  });
}

/** "1/1000 f/2.8 ISO 800", or the bounds between which the body chooses. */
export function setExposure({ shutter, shutterTo, aperture, isoFrom, isoTo }: MemorySet): string {
  const between = (from: string, to: string): string => (from === to ? from : `${from}–${to}`);
  const [slow, fast] = [shutterWords(shutter), shutterWords(shutterTo)];
  const iso = between(isoNumberWords(isoFrom), isoNumberWords(isoTo));
  return `${slow === fast ? slow : `${slow} to ${fast}`} ${apertureWords(aperture)} ISO ${iso}`;
}

const MODES: Readonly<Record<SetMode, (compensation: string) => string>> = {
  manual: () => "Manual",
  "auto-iso": (compensation) => `Manual with automatic ISO, ${compensation}`,
  "aperture-priority": (compensation) => `Aperture priority, ${compensation}; watch the shutter`,
};

/** Mode and the rest of the set-up, a line each; `compensation` in words. */
export const setLines = (set: MemorySet, compensation: string, shots: readonly string[]): string[] => {
  const lines = setUpLines(set.setUp);
  const of = (name: string): string => lines.find((l) => l.name === name)!.value;
  return [
    MODES[set.mode](compensation),
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
    worst.bright > 0 ? `${clicksWords(worst.bright)} too bright` : "",
  ]
    .filter(Boolean)
    .join(" and ");
  return `${share}. Worst: ${whereWhen(worst)}, ${miss}.`;
}
