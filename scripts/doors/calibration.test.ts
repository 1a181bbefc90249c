import { readFileSync } from "node:fs";
import path from "node:path";
import { beyond, LIGHT_ROWS } from "./calibration-light";
import { CALIBRATION_ROWS, calibrationPage, difference, slowestOf } from "./calibration";

test.each(CALIBRATION_ROWS)("$name: the model answers 1/$model, as worked out beforehand", (row) => {
  expect(Math.abs(Math.log2(1 / slowestOf(row) / row.model))).toBeLessThan(0.02);
});

test("every row lies within a stop of practice, but the one that tells why not", () => {
  const far = CALIBRATION_ROWS.filter((row) => Math.abs(difference(row)) >= 1);
  expect(far.map((row) => row.name)).toEqual(["field sport, body"]);
  expect(far[0]!.note).toMatch(/limbs/);
  expect(CALIBRATION_ROWS.length).toBe(16);
});

test("every light that practice knows is met within half a stop, but where the guide closes a stop for the ground", () => {
  const far = LIGHT_ROWS.filter((row) => !(Math.abs(beyond(row)) <= 0.5)).map((row) => row.name);
  expect(far).toEqual(["sun on snow", "sun on sand"]);
  expect(LIGHT_ROWS.find((row) => row.name === far[0])!.note).toMatch(/texture/);
  expect(LIGHT_ROWS.length).toBe(19);
});

test("docs/calibration.md is what the model says today", () => {
  expect(readFileSync(path.resolve(__dirname, "../../docs/calibration.md"), "utf8")).toBe(calibrationPage());
});
