import { beginShot } from "../begin/begin-shot";
import { newPosition } from "../begin/new-position";
import { HALL_DAYLIGHT, outingSchema, type Outing } from "@/data";
import { demoKit, demoOutings } from "../../../demo";
import {
  addPosition,
  changeVenue,
  addSeries,
  addSpot,
  editChoice,
  editSpot,
  editVenue,
  letIsoFollow,
  lockRails,
  movePosition,
  moveShot,
  putShot,
  removePosition,
  removeShot,
  removeSpot,
  restoreShot,
  setCloud,
  setLamps,
  setLit,
  setCover,
  setSurface,
} from ".";

const outing = demoOutings[0]!;

test("every edit leaves an outing that passes the schema, and the one before as it was", () => {
  const before = JSON.stringify(outing);
  const edits = [
    movePosition("b", { at: { x: 1, y: 2 } }),
    movePosition("b", { lensHeight: 0.3 }),
    editChoice("drag-flick", { lensId: "long-300", focalLengthMm: null }),
    lockRails("drag-flick", { shutter: 27 }),
    setCloud(8),
    setLamps({ class: "I" }),
  ];
  for (const edit of edits) {
    const after = edit(outing);
    expect(outingSchema.safeParse(after).success).toBe(true);
    expect(after).not.toEqual(outing);
  }
  expect(JSON.stringify(outing)).toBe(before);
});

test("an edit touches what it names and nothing beside it", () => {
  const moved = movePosition("b", { at: { x: 1, y: 2 } })(outing);
  expect(moved.ground.positions[1]).toEqual({ ...outing.ground.positions[1], at: { x: 1, y: 2 } });
  expect(moved.ground.positions[0]).toBe(outing.ground.positions[0]);
  expect(moved.ground.obstacles).toBe(outing.ground.obstacles);
  const locked = lockRails("drag-flick", { iso: 9 })(outing);
  expect(locked.choices[0]!.locked).toEqual({ iso: 9 });
  expect(locked.choices[1]).toBe(outing.choices[1]);
});

test("an ISO held by hand, from wherever, is no longer left to the body; other holds leave it there", () => {
  const auto = letIsoFollow("drag-flick", { compensation: 2, sees: "snow" })(
    lockRails("drag-flick", { iso: 9 })(outing),
  );
  expect(auto.choices[0]).toMatchObject({ locked: {}, automatic: { compensation: 2, sees: "snow" } });
  expect(lockRails("drag-flick", { shutter: 27 })(auto).choices[0]!.automatic).toBeDefined();
  expect(lockRails("drag-flick", { shutter: 27, iso: 9 })(auto).choices[0]!).not.toHaveProperty("automatic");
});

test("a ground without lamps stays without", () => {
  const dark = { ...outing, light: { ...outing.light, lamps: null } };
  expect(setLamps({ class: "I" })(dark)).toBe(dark);
});

const check = (after: Outing): Outing => {
  expect(outingSchema.safeParse(after).error?.issues).toBeUndefined();
  return after;
};

test("positions and spots come and go; what hung on them is let go of, and a spot in use stays", () => {
  const more = check(addPosition(newPosition(outing, { x: 40, y: 0 }))(outing));
  expect(more.ground.positions.at(-1)).toMatchObject({ id: "d", name: "D" });
  expect(more.choices).toBe(outing.choices);
  const less = check(removePosition("b")(outing));
  expect(less.choices.map((c) => c.positionId)).toEqual([null, "a", null, null]);
  const spotted = check(addSpot({ ...outing.ground.spots[0]!, name: "Corner" }, "drag-flick")(outing));
  expect(spotted.shots[0]!.spotId).toBe("spot");
  expect(removeSpot("spot")(spotted)).toBe(spotted);
  expect(check(removeSpot("flick")(spotted)).ground.spots.map((s) => s.id)).not.toContain("flick");
  expect(check(editSpot("flick", { facing: 90 })(outing)).ground.spots[0]!.facing).toBe(90);
});

test("shots are put, moved, taken back and restored with their kit and counts", () => {
  const subject = outing.subjects[0]!;
  const fresh = beginShot(subject, "goal", { tolerance: "web" }, outing.shots);
  const more = check(putShot(fresh, subject, demoKit, "drag-flick")(outing));
  expect(more.shotId).toBe(outing.shotId);
  expect(more.choices.at(-1)).toMatchObject({ shotId: fresh.id, positionId: "b" });
  expect(moveShot(0, 2)(outing).shots.map((s) => s.id)).toEqual([
    "keepers-save",
    "wingers-run",
    "drag-flick",
    "coach-after-a-goal",
  ]);
  expect(moveShot(0, -1)(outing).shots).toEqual(outing.shots);
  const counted = check(
    addSeries({ shotId: "drag-flick", settings: { shutter: 30, aperture: 9, iso: 6 }, taken: 10, kept: 2 })(
      outing,
    ),
  );
  const without = check(removeShot("drag-flick")(counted));
  expect([without.log, without.shotId]).toEqual([[], "keepers-save"]);
  const back = check(restoreShot(counted, "drag-flick")(without));
  expect(back.shots).toEqual(counted.shots);
  expect(back.log).toEqual(counted.log);
  const only = { ...outing, shots: [outing.shots[0]!], choices: [outing.choices[0]!] };
  expect(removeShot("drag-flick")(only)).toBe(only);
});

test("lamps come and go with the kind of place", () => {
  expect(check(setLit(false)(outing)).light.lamps).toBeNull();
  const hall = { ...outing, light: { ...outing.light, lamps: null, roof: { daylightShare: 0.01 } } };
  expect(check(setLit(true)(hall)).light.lamps).toMatchObject({ kind: "hall", from: "15:30" });
  expect(check(editVenue({ bearing: 270 })(outing)).ground.venue.bearing).toBe(270);
  expect(check(setCover("roof", 0.02)(outing)).light.roof).toEqual({ daylightShare: 0.02 });
  const wood = check(setCover("leaves", 0.03)(hall)).light;
  expect([wood.roof, wood.leaves]).toEqual([undefined, { daylightShare: 0.03 }]);
  expect(check(setCover("open", 0)(hall)).light).toMatchObject({ roof: undefined, leaves: undefined });
  expect(check(setSurface("snow")(outing)).ground.surface).toBe("snow");
});

test("another venue brings its hall, its surface and its roof, and asks for leave anew; back outdoors the roof is gone", () => {
  const allowed = { ...outing, ground: { ...outing.ground, leave: ["run-off" as const] } };
  const court = check(changeVenue("handball")(allowed));
  expect(court.ground.hall!.height).toBeGreaterThan(5);
  expect([court.ground.surface, court.ground.leave]).toEqual(["floor", []]);
  expect(court.light.roof).toEqual({ daylightShare: HALL_DAYLIGHT });
  expect(court.ground.positions).toBe(outing.ground.positions);
  const field = check(changeVenue("football")(court));
  expect(["hall" in field.ground, "roof" in field.light, field.ground.surface]).toEqual([
    false,
    false,
    "grass",
  ]);
  expect(changeVenue("none-such")(outing)).toBe(outing);
});
