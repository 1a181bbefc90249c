import { OBSTACLE_KINDS, VENUES, type Obstacle } from "@/core/ground";
import { anOuting, fromNothing } from "../../../test/outings";
import {
  detailIn,
  farthest,
  lengthAlong,
  liesWithin,
  onPlan,
  rectangleOf,
  reshaped,
  stepOf,
} from "./drawing";
import { coloursToTell, isLookedThrough, ON_GROUND, thingsIn } from "./kinds";
import {
  ownShadow,
  personShadow,
  placeWanted,
  ringOfFill,
  shadowsOf,
  sunKeptOff,
  sunOnSpots,
  throwsShadows,
} from "./light";
import { lookOf, openingLimits, showsFaces, standingThing } from "./things";
import { boundaryOf, isClosedTo, marksOf, playedOn, venueSeen } from "./venue";
import { onVenueGrid, placeAlong, reachAlong, turnedBy, wayBetween } from "./way";

const hockey = anOuting("hockey-semi-final");
const { ground } = hockey.view.outing;
const SQUARE = [
  { x: 0, y: 0 },
  { x: 4, y: 0 },
  { x: 4, y: 2 },
  { x: 0, y: 2 },
];

test("a way and the step along it lead there and back", () => {
  const way = wayBetween({ x: 0, y: 0 }, { x: 3, y: 4 });
  expect(way.metres).toBe(5);
  const there = placeAlong({ x: 0, y: 0 }, way.bearing, way.metres);
  expect([there.x, there.y].map((v) => Math.round(v * 1e9) / 1e9)).toEqual([3, 4]);
  expect(turnedBy(350, 20)).toBeCloseTo(10, 9);
  const step = stepOf(90, 2);
  expect([Math.round(step.x * 1e9) / 1e9, Math.round(step.y * 1e9) / 1e9]).toEqual([2, 0]);
  expect(onVenueGrid(ground.venue, ground.venue.centre, 5, 3)).toBe(true);
});

test("an outline's reach along a bearing is its extent that way, and its corners come out of it again", () => {
  const { high, low, left, right, at } = reachAlong(SQUARE, 0);
  expect([high, low, left, right]).toEqual([2, 0, 0, 4]);
  const corner = at(high, right);
  expect([Math.round(corner.x * 1e9) / 1e9, Math.round(corner.y * 1e9) / 1e9]).toEqual([4, 2]);
});

test("what one draws measures as it is: lengths, rectangles, what lies within", () => {
  expect(lengthAlong(SQUARE)).toBe(10);
  expect(farthest({ x: 0, y: 0 }, SQUARE)).toBeCloseTo(Math.sqrt(20), 9);
  expect(liesWithin({ x: 1, y: 1 }, SQUARE)).toBe(true);
  expect(liesWithin({ x: 5, y: 1 }, SQUARE)).toBe(false);
  const box = rectangleOf(SQUARE, "long-side")!;
  expect([box.length, box.width]).toEqual([4, 2]);
  expect(rectangleOf(SQUARE.slice(0, 3), "as-drawn")).toBeUndefined();
  const longer = rectangleOf(reshaped(box, { length: 6 }), "long-side")!;
  expect(longer.length).toBeCloseTo(6, 9);
  const here = onPlan(ground.anchor, ground.anchor);
  expect([here.x, here.y]).toEqual([0, 0]);
});

test("every kind of thing is found under one group, and looks as its row says", () => {
  const groups = (["built", "netting", "grows", "behind"] as const).flatMap((g) => thingsIn(g));
  expect(groups.toSorted()).toEqual(Object.keys(OBSTACLE_KINDS).toSorted());
  expect(isLookedThrough("mesh")).toBe(true);
  expect(isLookedThrough("wall")).toBe(false);
  expect([lookOf("hedge"), lookOf("net"), showsFaces("crowd"), showsFaces("van")]).toEqual([
    "leaves",
    "netting",
    true,
    false,
  ]);
  expect(coloursToTell().every(({ css }) => /^#[0-9a-f]{6}$/.test(css))).toBe(true);
  expect(ON_GROUND.blocks).not.toContain("tree");
  for (const thing of ground.obstacles) {
    const seen = standingThing(thing as Obstacle);
    expect(seen).toBe(standingThing(thing as Obstacle));
    expect(seen.top).toBeGreaterThan(0);
    expect(detailIn(thing as Obstacle)).toBeGreaterThanOrEqual(0);
  }
});

test("a venue's marks lie where it lies, and its boundary is as long as the rules say", () => {
  expect(marksOf(ground.venue)).toBe(marksOf(ground.venue));
  const corners = boundaryOf(ground.venue);
  const rules = VENUES.find((v) => v.id === "field-hockey")!;
  const sides = corners.map((p, i) => wayBetween(p, corners[(i + 1) % corners.length]!).metres);
  expect(Math.max(...sides)).toBeCloseTo(rules.length, 6);
  expect(venueSeen(ground.venue).parts.length).toBeGreaterThan(0);
  expect(playedOn({ ...ground.venue, template: "open-ground" })).toBeUndefined();
  expect(boundaryOf({ ...ground.venue, template: "open-ground" })).toEqual([]);
  for (const area of ground.areas) expect(typeof isClosedTo(area)).toBe("boolean");
});

test("the photographer's own shadow falls away from the sun and is as long as the light says; without sun there is none", () => {
  const { view } = hockey;
  expect(throwsShadows(view.scene)).toBe(true);
  const outline = ownShadow(view);
  const feet = wayBetween(view.position!.at, {
    x: (outline[0]!.x + outline[3]!.x) / 2,
    y: (outline[0]!.y + outline[3]!.y) / 2,
  });
  const head = wayBetween(view.position!.at, {
    x: (outline[1]!.x + outline[2]!.x) / 2,
    y: (outline[1]!.y + outline[2]!.y) / 2,
  });
  expect(head.bearing).toBeCloseTo(turnedBy(view.scene.sun.azimuth, 180), 6);
  const tan = Math.tan((view.scene.sun.apparentAltitude * Math.PI) / 180);
  expect(head.metres).toBeCloseTo((view.position!.lensHeight + 0.2) / tan, 2);
  expect(feet.metres).toBeLessThan(head.metres);
  expect(personShadow(view.scene.sun)).toBeCloseTo(1.75 / tan, 9);
  const night = hockey.at(view.window.until);
  expect([ownShadow(night), sunOnSpots(night)]).toEqual([[], {}]);
});

test("the sun on the spots is that of the light found there, and shadows are those of what shades", () => {
  const { view } = hockey;
  expect(Object.keys(sunOnSpots(view)).length).toBeGreaterThan(0);
  expect(sunOnSpots(view)[view.spot.id] !== undefined).toBe(view.found!.light.direct === "sun");
  const shading = ground.obstacles.filter(({ kind }) => OBSTACLE_KINDS[kind].shades);
  expect(shadowsOf(shading, view.scene.sun)).toEqual(shadowsOf(ground.obstacles, view.scene.sun));
  expect(ringOfFill(view)).toBeGreaterThan(1);
});

test("the opening of a hide limits the view to both sides by as much", () => {
  const [left, right] = openingLimits(
    {
      id: "h",
      name: "H",
      at: { x: 0, y: 0 },
      lensHeight: 1,
      slit: { width: 1, facing: 0, back: 0.5 } as never,
    },
    10,
  )!;
  expect(left.x).toBeCloseTo(-right.x, 9);
  expect(openingLimits({ id: "h", name: "H", at: { x: 0, y: 0 }, lensHeight: 1 }, 10)).toBeUndefined();
});

test("where it lies is wanted as soon as daylight comes in, and not before", () => {
  const told = fromNothing("basketball-drive");
  const anchor = { ...told.ground.anchor, assumed: true };
  const hall = { ...told, ground: { ...told.ground, anchor } };
  expect([told, hall].map(placeWanted)).toEqual([false, false]);
  const roof = { daylightShare: 0.02 };
  expect(placeWanted({ ...hall, light: { ...hall.light, roof } })).toBe(true);
  expect(placeWanted({ ...hall, light: { ...hall.light, roof: undefined } })).toBe(true);
  expect(placeWanted({ ...told, light: { ...told.light, roof: undefined } })).toBe(false);
});

test("a hall's plan said that the sun is down while its shot said that it is under a roof: both say the roof, by day and by night", () => {
  const hall = anOuting("handball-league-evening");
  const { from } = hall.view.window;
  for (const hour of [0, 1, 12, 18]) {
    const view = hall.at(from + hour * 3_600_000);
    expect(sunKeptOff(view.scene)).toBe("roof");
    expect(view.found!.light.direct).toBe("roof");
  }
  const day = hockey.view.scene;
  expect(sunKeptOff(day)).toBeUndefined();
  expect(sunKeptOff({ ...day, daylight: { ...day.daylight, directNormal: 0 } })).toBe("cloud");
  expect(sunKeptOff({ ...day, sun: { ...day.sun, apparentAltitude: -1 } })).toBe("sun-down");
  const shaded = { ...day.daylight, directNormal: 0 };
  expect(sunKeptOff({ ...day, cover: "leaves", daylight: shaded })).toBe("leaves");
});
