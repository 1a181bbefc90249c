import { toVenue } from "@/core/ground";
import { outingSchema } from "@/data";
import { demoKit } from "../../../demo";
import { fromNothing } from "../../../test/outings";
import { putShot } from ".";

const BATTERS = ["baseball-batter", "baseball-batter-youth", "softball-batter"];

test("a left-handed batter stood as a right-handed one: now on the other side of the plate, turned the other way", () => {
  for (const id of BATTERS) {
    const begun = fromNothing(id);
    const [shot, subject] = [begun.shots[0]!, begun.subjects[0]!];
    const [right] = begun.ground.spots;
    const outing = putShot({ ...shot, side: "left" }, subject, demoKit, shot.id)(begun);
    expect(outingSchema.safeParse(outing).error).toBeUndefined();
    const left = outing.ground.spots.find((s) => s.id === outing.shots[0]!.spotId)!;
    expect(left.name).toBe(`${right!.name}, left-handed`);
    const [was, is] = [right!, left].map((s) => toVenue(begun.ground.venue, s.at));
    expect(is!.x).toBeCloseTo(-was!.x, 2);
    expect(is!.y).toBeCloseTo(was!.y, 2);
    expect((right!.facing + left.facing) % 360).toBe((2 * begun.ground.venue.bearing) % 360);
    // Told once more, or the other way again: no further spot.
    const again = putShot(outing.shots[0]!, subject, demoKit, shot.id)(outing);
    expect(again.ground).toEqual(outing.ground);
    const back = putShot({ ...outing.shots[0]!, side: "right" }, subject, demoKit, shot.id)(outing);
    expect(back.shots[0]!.spotId).toBe(right!.id);
    expect(back.ground.spots).toHaveLength(2);
  }
});

test("the spot of the other hand is called so", () => {
  const begun = fromNothing("baseball-batter");
  const [shot, subject] = [begun.shots[0]!, begun.subjects[0]!];
  const called = (name: string): string => {
    const spots = [{ ...begun.ground.spots[0]!, name }];
    const outing = { ...begun, ground: { ...begun.ground, spots } };
    return putShot({ ...shot, side: "left" }, subject, demoKit, shot.id)(outing).ground.spots[1]!.name;
  };
  expect(["Right-handed box", "Box, right-handed", "Plate"].map(called)).toEqual([
    "Left-handed box",
    "Box, left-handed",
    "Plate, left-handed",
  ]);
});

test("whoever stands as the hand has it, faces along the venue or does not bat stays", () => {
  for (const [id, side] of [
    ["baseball-batter", "right"],
    ["cricket-batter", "left"],
    ["baseball-pitcher", "left"],
    ["high-jumper", "right"],
  ] as const) {
    const begun = fromNothing(id);
    const shot = { ...begun.shots[0]!, side };
    const outing = putShot(shot, begun.subjects[0]!, demoKit, shot.id)(begun);
    expect([id, outing.ground]).toEqual([id, begun.ground]);
  }
});
