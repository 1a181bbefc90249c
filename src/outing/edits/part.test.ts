import { standingAt, venueAreasOf } from "@/core/ground";
import { outingSchema } from "@/data";
import { demoOutings } from "../../../demo";
import { rowOf } from "../things/sorts";
import { moved } from "../things/thing";
import { asTemplateHas, changeThing, changeVenue, removeThing } from ".";

const outing = demoOutings[0]!;
const parts = rowOf("part").of(outing.ground);
const runOff = parts.find((p) => p.kind === "run-off")!;
const ref = { sort: "part" as const, id: runOff.id };
/** A place on the run-off beside a hockey pitch, where one stands by leave alone. */
const corner = runOff.outline[0]!;
const inside = { x: corner.x * 0.99, y: corner.y * 0.99 };

test("a part of the venue that is moved is stood on by where it lies now, and only that part is written down", () => {
  expect(standingAt(outing.ground, inside).rule).toBe("by-leave");
  const next = changeThing(ref, (part) => moved("part", part, { x: 300, y: 0 }))(outing);
  expect(next.ground.venue.changed).toHaveLength(1);
  expect(standingAt(next.ground, inside).rule).toBe("open");
  expect(standingAt(next.ground, { x: inside.x + 300, y: inside.y }).rule).toBe("by-leave");
  expect(outingSchema.safeParse(next).success).toBe(true);
  const there = rowOf("part")
    .of(next.ground)
    .find((p) => p.id === runOff.id)!;
  runOff.outline.forEach((p, i) => {
    expect(there.outline[i]!.x).toBeCloseTo(p.x + 300, 2);
    expect(there.outline[i]!.y).toBeCloseTo(p.y, 2);
  });
});

test("a part that the venue does not have is gone, and comes back as the template has it", () => {
  const without = removeThing(ref)(outing);
  expect(venueAreasOf(without.ground.venue)).toHaveLength(parts.length - 1);
  expect(standingAt(without.ground, inside).rule).toBe("open");
  expect(outingSchema.safeParse(without).success).toBe(true);
  const back = asTemplateHas(Number(runOff.id))(without);
  expect(venueAreasOf(back.ground.venue).map((a) => a.outline)).toEqual(
    venueAreasOf(outing.ground.venue).map((a) => a.outline),
  );
  expect(back.ground.venue).not.toHaveProperty("changed");
});

test("two changed parts keep their own changes; another venue forgets them", () => {
  const other = { sort: "part" as const, id: parts.find((p) => p.id !== runOff.id)!.id };
  const both = changeThing(other, (part) => moved("part", part, { x: 0, y: 5 }))(removeThing(ref)(outing));
  expect(both.ground.venue.changed!.map((c) => [c.part, c.outline !== undefined])).toEqual(
    [
      [Number(runOff.id), false],
      [Number(other.id), true],
    ].toSorted((a, b) => Number(a[0]) - Number(b[0])),
  );
  expect(asTemplateHas()(both).ground.venue).toEqual(outing.ground.venue);
  expect(changeVenue("football")(both).ground.venue).not.toHaveProperty("changed");
});
