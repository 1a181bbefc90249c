import type { Outing } from "@/data";
import { accessSentence, countWords } from "@/words";

/** The stages that are built, in the order of the work. */
export const STAGES = [
  { key: "brief", name: "Brief", hotkey: "p" },
  { key: "ground", name: "Ground", hotkey: "g" },
  { key: "frame", name: "Frame", hotkey: "f" },
  { key: "expose", name: "Expose", hotkey: "e" },
  { key: "run", name: "Run", hotkey: "r" },
  { key: "review", name: "Review", hotkey: "v" },
] as const;

export type StageKey = (typeof STAGES)[number]["key"];

export interface StageState {
  readonly settled: boolean;
  readonly open: string;
}

/** What was computed of the outing for its stages. */
export interface StageFindings {
  /** Whether the ISO passes the ceiling at any moment of the outing, for the shot in hand. */
  readonly short: boolean;
  /** Shots that are vetoed where they are to be taken from. */
  readonly vetoed: number;
}

const shots = (n: number): string => countWords(n, "shot");
const state = (settled: boolean, done: string, open: string): StageState => ({
  settled,
  open: settled ? done : open,
});

/** What is settled in each stage and what is still open. */
export function stageState(outing: Outing, key: StageKey, { short, vetoed }: StageFindings): StageState {
  switch (key) {
    case "brief":
      return state(
        accessSentence(outing.access).settled,
        `${shots(outing.shots.length)} promised`,
        "access is not settled",
      );
    case "ground": {
      const without = outing.choices.filter((c) => c.positionId === null).length;
      return state(without === 0, "every shot has a position", `${shots(without)} without a position`);
    }
    case "frame":
      return state(vetoed === 0, "all within reach", `${shots(vetoed)} out of reach or sight`);
    case "expose":
      return state(!short, "enough light", "light runs short");
    case "run": {
      const readings = outing.light.readings.length;
      return state(readings > 0, `${readings} kept`, "no reading yet");
    }
    case "review": {
      const frames = outing.log.reduce((n, s) => n + s.taken, 0);
      return state(frames > 0, `${frames} frames counted`, "nothing counted yet");
    }
  }
}
