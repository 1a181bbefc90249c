import { editShot } from "@/outing/edits";
import { anOuting } from "../../../test/outings";
import { depthOf } from "./depth";

const course = anOuting("cross-country-day");

test("a second thing to keep sharp is anything on the plan ahead of the lens, the nearest to the subject first", () => {
  const { others } = depthOf(course.view)!;
  const { ground } = course.view.outing;
  expect(others.length).toBeGreaterThan(3);
  const away = others.map((o) => Math.abs(o.beyond));
  expect(away).toEqual([...away].sort((a, b) => a - b));
  expect(others.some((o) => ground.obstacles.some((t) => t.id === o.id))).toBe(true);
  expect(others.every((o) => o.id !== course.view.spot.id)).toBe(true);
});

test("depth of two things said what was asked and not what is not sharp: the end that is out is named", () => {
  const { others } = depthOf(course.view)!;
  let [out, held] = [0, 0];
  for (const { id, beyond } of others) {
    const two = course.changed(
      editShot(course.view.shot.id, { depth: { kind: "two-things", otherSpotId: id } }),
    ).view.found!;
    const { depth } = two.sighting;
    const away = two.sighting.distance;
    const place = Math.max(away / 2, away + beyond);
    const isOut = place < depth.near - 0.001 || (depth.far !== "unbounded" && place > depth.far + 0.001);
    expect([id, two.settings.depth.notSharp]).toEqual([id, isOut ? [beyond < 0 ? "near" : "far"] : []]);
    if (isOut) out++;
    else held++;
  }
  expect(Math.min(out, held)).toBeGreaterThan(0);
});
