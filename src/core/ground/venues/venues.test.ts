import { VENUE_SOURCES } from "./sources";
import { convexHull, planDistance, type Point } from "..";
import { OPEN_GROUND, VENUES, venueMarks, venueTemplate } from ".";

const extent = (points: readonly Point[]) => ({
  width: Math.max(...points.map((p) => p.x)) - Math.min(...points.map((p) => p.x)),
  length: Math.max(...points.map((p) => p.y)) - Math.min(...points.map((p) => p.y)),
});
const of = (id: string) => venueMarks(id);

test("open ground has no marks and is no venue of a rule book", () => {
  expect(venueTemplate("open-ground")).toMatchObject({ ok: true, value: { id: OPEN_GROUND.id } });
  expect(of("open-ground")).toEqual([]);
  expect(VENUES.map((v) => v.id)).not.toContain("open-ground");
});

const boundaryOf = (id: string) => of(id).find((m) => m.kind === "boundary")?.points ?? [];
const around = (points: readonly Point[]): number =>
  points.reduce((sum, p, i) => sum + planDistance(p, points[(i + 1) % points.length]!), 0);

test("there are at least 24 venues, each with an id of its own, measures, marks and the body whose rules they are", () => {
  expect(VENUES.length).toBeGreaterThanOrEqual(24);
  expect(new Set(VENUES.map((v) => v.id)).size).toBe(VENUES.length);
  for (const v of VENUES) {
    expect(v.id).toMatch(/^[a-z0-9-]{1,40}$/);
    // A governing body and its document, or that there is none.
    expect(VENUE_SOURCES[v.id]).toMatch(/[A-Z]{2,}|World|International|Laws|^no rules/);
    const marks = of(v.id);
    const boundaries = marks.filter((m) => m.kind === "boundary");
    if (v.official === "wardens") {
      expect([v.id, marks]).toEqual([v.id, []]);
      continue;
    }
    expect([v.id, boundaries.length]).toEqual([v.id, 1]);
    const box = extent(boundaries[0]!.points);
    expect([v.id, Math.abs(box.width - v.width) < 0.6]).toEqual([v.id, true]);
    expect([v.id, Math.abs(box.length - v.length) < 0.6]).toEqual([v.id, true]);
    // The javelin's runway lies behind its arc, outside the sector; the long jump beside the track.
    const room = { "javelin-sector": 25, "athletics-400": 7 }[v.id] ?? 3;
    const astray = marks
      .flatMap((m) => m.points)
      .filter((p) => !(Math.abs(p.x) <= v.width / 2 + room && Math.abs(p.y) <= v.length / 2 + room));
    expect([v.id, astray, marks.some((m) => m.points.length === 0)]).toEqual([v.id, [], false]);
  }
});

test("what is drawn for both ends is the same turned about the middle", () => {
  let compared = 0;
  for (const id of ["football", "basketball", "handball", "tennis", "ice-hockey", "gridiron", "netball"]) {
    const goals = of(id).filter((m) => m.kind === "goal");
    if (goals.length === 0) continue;
    expect(goals).toHaveLength(2);
    const turned = goals[0]!.points.map((p) => ({ x: 0 - p.x, y: 0 - p.y }));
    turned.forEach((p, i) => expect(planDistance(p, goals[1]!.points[i]!)).toBeLessThan(1e-9));
    compared++;
  }
  expect(compared).toBeGreaterThanOrEqual(4);
});

// World Athletics: the kerb of a standard track is 398.12 m round; the runner's line 0.30 m out of it is 400 m.
test("the kerb of the athletics track is 398.12 m round", () => {
  const kerb = of("athletics-400")
    .filter((m) => m.kind === "line")[0]!
    .points.slice(0, -1);
  // Chords of five degrees are 0.03 % shorter than their arc.
  expect(around(kerb)).toBeGreaterThan(397.8);
  expect(around(kerb)).toBeLessThan(398.2);
  expect(2 * 84.39 + 2 * Math.PI * 36.5).toBeCloseTo(398.12, 2);
});

test("the velodrome measures 250 m at its line", () => {
  const line = of("velodrome")
    .find((m) => m.kind === "line")!
    .points.slice(0, -1);
  expect(around(line)).toBeGreaterThan(249.7);
  expect(around(line)).toBeLessThan(250.1);
});

// WBSC: first base 27.43 m (90 ft) from home, second 38.79 m (127 ft 3 3/8 in) across.
test("the diamond is a square of ninety feet", () => {
  const spots = of("baseball")
    .filter((m) => m.kind === "spot")
    .map((m) => m.points[0]!);
  expect(spots).toHaveLength(4);
  expect(planDistance(spots[0]!, spots[1]!)).toBeCloseTo(27.43, 2);
  expect(planDistance(spots[0]!, spots[2]!)).toBeCloseTo(38.79, 2);
});

// IFAB law 1: the penalty arc is the part outside the area of a circle of 9.15 m about the penalty mark.
test("the penalty arc meets the penalty area", () => {
  const arc = of("football").filter((m) => m.kind === "circle")[1]!.points;
  for (const end of [arc[0]!, arc[arc.length - 1]!]) expect(end.y).toBeCloseTo(52.5 - 16.5, 1);
});

// FIBA: 6.75 m about the basket, the corner lines 0.90 m from the side line.
test("the three-point line of basketball joins its arc to its straights", () => {
  const arc = of("basketball").filter((m) => m.kind === "circle")[2]!.points;
  expect(Math.abs(arc[0]!.x)).toBeCloseTo(6.6, 1);
  expect(arc[0]!.y).toBeCloseTo(14 - 2.99, 1);
});

test("boundaries are simple outlines that go round once", () => {
  for (const v of VENUES.filter(({ official }) => official !== "wardens")) {
    const points = boundaryOf(v.id);
    const hull = convexHull(points);
    expect(around(hull)).toBeLessThanOrEqual(around(points) + 1e-6);
    expect(around(points)).toBeLessThan(1.2 * around(hull));
  }
});

test("a venue that nobody knows is told, and has no marks", () => {
  expect(venueTemplate("moon-polo")).toEqual({ ok: false, reason: "no-such-venue" });
  expect(venueMarks("moon-polo")).toEqual([]);
});
