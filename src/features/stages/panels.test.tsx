import { existsSync, readdirSync, statSync } from "node:fs";
import { join } from "node:path";
import { GROUND } from "./ground/panels";
import { PANELS } from "./panels";
import type { Panel } from "./screen/panel";
import { STAGES, type StageKey } from "./screen/stages";

// A panel is a folder: its id, its folder and its title agree, its id is its own, and no file of a stage lies loose but the list.

const OF: Readonly<Record<StageKey, readonly Panel[]>> = { ...PANELS, ground: GROUND };
const here = (...path: string[]): string => join(__dirname, ...path);
const all = STAGES.flatMap(({ key }) => OF[key].map((panel) => ({ stage: key, panel })));

test("every panel stands in a folder of its stage that is called as it is, and no two are called alike", () => {
  expect(all.length).toBeGreaterThan(75);
  for (const { stage, panel } of all)
    expect([panel.id, existsSync(here(stage, panel.id, "panel.ts"))]).toEqual([panel.id, true]);
  expect(new Set(all.map(({ panel }) => panel.id)).size).toBe(all.length);
});

test("what a panel is called in code is what it is called on the screen: each word of its id stands in its title", () => {
  for (const { stage, panel } of all) {
    const words: readonly string[] = panel.title.toLowerCase().match(/[a-z]+/g) ?? [];
    const foreign = panel.id.split("-").filter((word) => word !== stage && !words.includes(word));
    expect([panel.id, foreign]).toEqual([panel.id, []]);
  }
});

test("a stage's folder holds its list and folders alone", () => {
  for (const { key } of STAGES) {
    const loose = readdirSync(here(key)).filter((name) => !statSync(here(key, name)).isDirectory());
    expect([key, loose]).toEqual([key, ["panels.ts"]]);
  }
});

test("every panel that is folded says its answer in a line, but where one chooses or draws", () => {
  const silent = all.filter(
    ({ panel }) => (panel.phone === "folded" || panel.wide === "folded") && !panel.answer,
  );
  expect(silent.map(({ panel }) => panel.id)).toEqual([]);
});
