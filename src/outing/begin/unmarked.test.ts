import { STAGED, stagingOf } from "@/core/catalogue";
import { standingAt, toOutline } from "@/core/ground";
import { outingSchema } from "@/data";
import { fromNothing } from "../../../test/outings";

const MET_ON_VENUES = STAGED.map((id) => stagingOf(id)!).filter((s) => !s.venues.includes("open-ground"));

test("on open ground a subject of a venue had nothing to act on: its pitch, pit, water, lane or course is laid about it", () => {
  let laid = 0;
  for (const { subjectId } of MET_ON_VENUES) {
    const outing = fromNothing(subjectId, { template: "open-ground" });
    expect([subjectId, outingSchema.safeParse(outing).error]).toEqual([subjectId, undefined]);
    const { areas, spots, positions } = outing.ground;
    const { at } = spots[0]!;
    const near = areas.some(({ outline }) => toOutline(at, outline) < 12);
    expect([subjectId, near]).toEqual([subjectId, true]);
    expect([subjectId, standingAt(outing.ground, positions[0]!.at).rule]).toEqual([subjectId, "open"]);
    laid++;
  }
  expect(laid).toBeGreaterThan(80);
});

test("a pitch brings its goals, a pit its sand, a thrower the sector and the cage, a runner no stadium", () => {
  const about = (id: string) => {
    const { areas, obstacles } = fromNothing(id, { template: "open-ground" }).ground;
    return { areas: areas.map((a) => a.name), things: [...new Set(obstacles.map((o) => o.kind))] };
  };
  expect(about("football-runner")).toEqual({ areas: ["Pitch, not marked"], things: ["goal", "dugout"] });
  expect(about("long-jumper").areas).toEqual(["Run-up or lane, not marked", "Pit"]);
  expect(about("discus-thrower")).toMatchObject({ areas: ["Landing sector"], things: ["net"] });
  expect(about("swimmer-crawl").areas).toEqual(["Water"]);
  expect(about("high-jumper").areas).toEqual(["Run-up and landing"]);
  expect(about("track-cyclist").areas).toEqual(["Course and its edge"]);
});
