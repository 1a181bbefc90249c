import type { OutingView } from "@/outing/outing-view";
import { accessSentence, countWords } from "@/words";

/** The stages in the order of the work; `strip` where the light of the day stands at the foot. */
export const STAGES = [
  { key: "brief", name: "Brief", hotkey: "p", strip: false },
  { key: "ground", name: "Ground", hotkey: "g", strip: true },
  { key: "frame", name: "Frame", hotkey: "f", strip: true },
  { key: "expose", name: "Expose", hotkey: "e", strip: true },
  { key: "run", name: "Run", hotkey: "r", strip: true },
  { key: "review", name: "Review", hotkey: "v", strip: false },
] as const;

export type StageKey = (typeof STAGES)[number]["key"];

export interface StageState {
  readonly settled: boolean;
  readonly open: string;
}

const shots = (n: number): string => countWords(n, "shot");
const state = (settled: boolean, done: string, open: string): StageState => ({
  settled,
  open: settled ? done : open,
});

/** What the states of the stages hang on. */
export type StageMatter = Pick<OutingView, "outing" | "timeline" | "vetoed">;

/** What is settled in each stage and what is still open. */
export function stageState(view: StageMatter, key: StageKey): StageState {
  const { outing } = view;
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
      return state(view.vetoed === 0, "all within reach", `${shots(view.vetoed)} out of reach or sight`);
    case "expose":
      return state(
        view.timeline.points.every((p) => p.short === 0),
        "enough light",
        "light runs short",
      );
    case "run": {
      const readings = outing.light.readings.length;
      return state(readings > 0, countWords(readings, "reading"), "no reading yet");
    }
    case "review": {
      const frames = outing.log.reduce((n, s) => n + s.taken, 0);
      return state(frames > 0, `${frames} frames counted`, "nothing counted yet");
    }
  }
}
