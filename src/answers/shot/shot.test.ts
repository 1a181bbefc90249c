import { anOuting } from "../../../test/outings";
import { packedOf } from "../brief/bag";
import { leaveHere } from "../brief/access";
import { usualDepth } from "../brief/shot";
import { supplies } from "../brief/supplies";
import { zoomRange } from "./kit";
import { automaticEnds, skyWithin } from "./sky";

const { view } = anOuting("hockey-semi-final");

test("what sun and moon do lies within the outing, in its order of kinds", () => {
  const events = skyWithin(view);
  expect(events.length).toBeGreaterThan(0);
  for (const { at } of events) expect(at >= view.window.from && at <= view.window.until).toBe(true);
  expect(automaticEnds(view)).toEqual([]);
});

test("a zoom has a range, a prime has none", () => {
  const { lens } = view.rig!;
  const range = zoomRange(view);
  if (lens.minFocalLengthMm === lens.maxFocalLengthMm) expect(range).toBeUndefined();
  else expect(range).toMatchObject({ from: lens.minFocalLengthMm });
});

test("the bag weighs what is in it, and its cards hold frames of the first body", () => {
  const { grams, frames } = packedOf(view.bag);
  expect(grams).toBeGreaterThan(1000);
  expect(frames).toBeGreaterThan(100);
  expect(packedOf({ ...view.bag, cards: [] }).frames).toBe(0);
});

test("the burst of the bag was told by its fastest card in one place and by its slowest in another: one answer, the slowest", () => {
  const { buffer } = supplies(view, []);
  const slowest = Math.min(...view.bag.cards.map((c) => c.writeMbPerSecond));
  const { framesPerSecond, frameMb, bufferMb } = view.rig!.body;
  const fill = framesPerSecond! * frameMb! - slowest;
  expect(buffer!.seconds).toBe(fill <= 0 ? "unlimited" : bufferMb! / fill);
});

test("leave is asked where the venue has parts that are stood on by leave alone; depth is the subject’s usual one", () => {
  const { official, kinds } = leaveHere(view);
  expect(official).toBeDefined();
  expect(Array.isArray(kinds)).toBe(true);
  expect(usualDepth(view.outing.subjects[0]!, { intent: "freeze" }).kind).toBeDefined();
});
