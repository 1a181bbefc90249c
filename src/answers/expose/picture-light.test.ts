import { anOuting } from "../../../test/outings";
import { instant } from "./instant";
import { asWritten, pictureTells, rightByThis, settingsWritten } from "./picture-light";
import { denominatorOf, endReached, markOf, scaleOf } from "./rails";
import { seenFrom } from "./sweep-seen";

const { view } = anOuting("hockey-semi-final");
const rig = view.rig!;

test("settings as a camera writes them come back as they were", () => {
  for (const settings of [view.found!.settings.settings, { shutter: 24, aperture: 15, iso: 9 }]) {
    const { exposureTime, fNumber, iso } = asWritten(settings);
    expect(settingsWritten(exposureTime, fNumber, iso)).toEqual(settings);
  }
});

test("a body's own right pictures were not what its pictures were read by: one that is right sets what right is", () => {
  const metered = { median: 0.25, clipped: 0 };
  expect(pictureTells({ rig }, metered)).toMatchObject({ kind: "off" });
  const rightMedian = rightByThis(metered, "middle");
  const says = pictureTells({ rig: { ...rig, body: { ...rig.body, rightMedian } } }, metered, "middle");
  expect(says.kind === "off" && Math.abs(says.stops)).toBeLessThan(0.05);
  const twice = pictureTells(
    { rig: { ...rig, body: { ...rig.body, rightMedian } } },
    { median: 0.5, clipped: 0 },
    "middle",
  );
  expect(twice.kind === "off" && twice.stops).toBeCloseTo(1, 1);
});

test("what is kept from before the press is the body's own, and none where it keeps none", () => {
  expect(instant(view)!.preBurst).toBeUndefined();
  const other = anOuting("hockey-semi-final").with({
    kit: { ...view.kit, bodies: view.kit.bodies.map((b) => ({ ...b, preBurstFrames: 20 })) },
  });
  const { framesPerSecond } = other.view.rig!.body;
  expect(instant(other.view)!.preBurst).toEqual({ frames: 20, seconds: 20 / framesPerSecond! });
});

test("rails read as cameras write them, and say the end that they stand at", () => {
  expect([denominatorOf(30), markOf("aperture", 9), markOf("iso", 12)]).toEqual([1000, 2.8, 1600]);
  const { rails } = view.found!.settings;
  for (const rail of ["shutter", "aperture", "iso"] as const) {
    const state = rails[rail];
    expect(endReached(rail, { ...state, at: state.first - 1 })).toBeUndefined();
    if (state.first > scaleOf(rail).first)
      expect(endReached(rail, { ...state, at: state.first })).toBe("first");
  }
});

test("a place straight ahead lies straight ahead, whichever way one looks", () => {
  const ahead = seenFrom({ x: 1, y: 1 }, 90, { x: 6, y: 1 });
  expect(ahead.x).toBeCloseTo(0, 9);
  expect(ahead.y).toBeCloseTo(5, 9);
});
