import type { Shoot } from "@/data";

/** The stages that are built, in the order of the work. */
export const STAGES = [
  { key: "ground", name: "Ground" },
  { key: "expose", name: "Expose" },
  { key: "run", name: "Run" },
] as const;

export type StageKey = (typeof STAGES)[number]["key"];

export interface StageState {
  readonly settled: boolean;
  readonly open: string;
}

/** What is settled in each stage and what is still open, from what is kept alone. */
export function stageState(shoot: Shoot, key: StageKey, limitsBroken: number): StageState {
  if (key === "ground") {
    const without = shoot.choices.filter((c) => c.positionId === null).length;
    return {
      settled: without === 0,
      open:
        without === 0
          ? "every shot has a place"
          : `${without} ${without === 1 ? "shot" : "shots"} without a place`,
    };
  }
  if (key === "expose")
    return {
      settled: limitsBroken === 0,
      open:
        limitsBroken === 0
          ? "limits hold"
          : `${limitsBroken} ${limitsBroken === 1 ? "limit" : "limits"} will break`,
    };
  const readings = shoot.light.readings.length;
  return { settled: readings > 0, open: readings === 0 ? "no reading yet" : `${readings} kept` };
}
