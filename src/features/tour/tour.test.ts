import { readFileSync } from "node:fs";
import path from "node:path";
import { demoOutings } from "../../../demo";
import { TOURED } from "../layout/tour";
import { TOUR } from "./steps";

test("the tour leads through the stages of an outing that the demo has, in the order of the work", () => {
  expect(demoOutings.map((o) => o.id)).toContain(TOURED);
  const order = ["brief", "ground", "frame", "expose", "run", "review"];
  const stages = TOUR.map(({ href }) => order.indexOf(href.split("/").at(-1)!));
  expect(stages.every((s) => s >= 0)).toBe(true);
  expect(stages).toEqual([...stages].sort((a, b) => a - b));
});

test("what it speaks of stands on the screens and in the walk that is written down", () => {
  const walk = readFileSync(path.resolve(__dirname, "../../../docs/walkthrough.md"), "utf8").replace(
    /\s+/g,
    " ",
  );
  for (const word of ["The picture", "Too dark", "Ask anything", "strip"]) expect(walk).toContain(word);
  for (const { words } of TOUR) expect(words.split(" ").length).toBeLessThan(25);
});
