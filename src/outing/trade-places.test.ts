import { toVenue } from "@/core/ground";
import { fromNothing } from "../../test/outings";
import { tradePlacesFor } from "./trade-places";

const placesOf = (id: string, side?: "left" | "right") => {
  const { ground, subjects } = fromNothing(id);
  return tradePlacesFor(ground, { subject: subjects[0]!, side }, ground.spots[0]!).map(({ place, at }) => ({
    id: place.id,
    at: toVenue(ground.venue, at),
  }));
};
const ids = (id: string, side?: "left" | "right"): string[] => placesOf(id, side).map((p) => p.id);

test("of a batter and a shooter whose hand is known only that hand's place is told, both while it is not", () => {
  const both = ["diamond-right-hand", "diamond-left-hand"];
  expect(ids("baseball-batter")).toEqual(expect.arrayContaining(both));
  expect(ids("baseball-batter", "left")).toContain("diamond-left-hand");
  expect(ids("baseball-batter", "left")).not.toContain("diamond-right-hand");
  expect(ids("basketball-jump-shot", "right")).toContain("basket-right-hand");
  expect(ids("basketball-jump-shot", "right")).not.toContain("basket-left-hand");
});

test("a jumper off the right foot is waited for on the other side of the bar", () => {
  const { ground } = fromNothing("high-jumper");
  const middle = toVenue(ground.venue, ground.spots[0]!.at).x;
  const [left, right] = (["left", "right"] as const).map(
    (side) => placesOf("high-jumper", side).find((p) => p.id === "high-jump-bar")!.at,
  );
  expect(right!.x - middle).toBeCloseTo(middle - left!.x, 1);
  expect(right!.y).toBeCloseTo(left!.y, 2);
  expect(Math.abs(left!.x - middle)).toBeGreaterThan(1);
});

test("what lies about a thrower or a swimmer is mirrored for the other side, and nothing for who has none", () => {
  let mirrored = 0;
  for (const id of [
    "netball-shot",
    "javelin-thrower",
    "tennis-serve",
    "swimmer-crawl",
    "handball-throw",
    "sprinter",
  ]) {
    const [plain, left] = [placesOf(id), placesOf(id, "left")];
    expect(left.map((p) => p.id)).toEqual(plain.map((p) => p.id));
    const same = JSON.stringify(plain) === JSON.stringify(left);
    if (!same) mirrored++;
    if (id === "sprinter") expect(same).toBe(true);
  }
  expect(mirrored).toBeGreaterThan(0);
});
