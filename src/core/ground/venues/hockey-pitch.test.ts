import { HOCKEY_PITCH, hockeyPitchMarks, shootingCircle } from "./hockey-pitch";
import { fromVenue, toVenue } from "../venue-frame";
import { planDistance } from "../vector";

// FIH Rules of Hockey, field of play (from memory): 91.40 × 55.00, lines 22.90 from the back lines, circles 14.63.
test("the pitch has the rule book's measures", () => {
  const boundary = hockeyPitchMarks().find((m) => m.kind === "boundary")!.points;
  expect(planDistance(boundary[0]!, boundary[1]!)).toBeCloseTo(55, 9);
  expect(planDistance(boundary[1]!, boundary[2]!)).toBeCloseTo(91.4, 9);
  const across = hockeyPitchMarks().filter((m) => m.kind === "line");
  expect(across.map((m) => Math.abs(m.points[0]!.y)).sort((a, b) => a - b)).toEqual([
    0,
    45.7 - 22.9,
    45.7 - 22.9,
  ]);
});

test("each point of the shooting circle is 14.63 m from the nearer post, or from the goal line between them", () => {
  const { length, goalWidth, circleRadius } = HOCKEY_PITCH;
  const points = shootingCircle(circleRadius, 1);
  expect(points.length).toBeGreaterThan(30);
  for (const p of points) {
    const post = { x: Math.sign(p.x) * (goalWidth / 2), y: length / 2 };
    const between = Math.abs(p.x) <= goalWidth / 2;
    const away = between ? length / 2 - p.y : planDistance(p, post);
    expect(away).toBeCloseTo(circleRadius, 6);
  }
});

test("the broken circle stays within the side lines", () => {
  for (const p of shootingCircle(HOCKEY_PITCH.brokenCircleRadius, -1))
    expect(Math.abs(p.x)).toBeLessThanOrEqual(HOCKEY_PITCH.width / 2 + 1e-9);
});

test("venue axes and plan axes make a round trip, and a bearing of 90° lays the long axis east", () => {
  const venue = { bearing: 33, centre: { x: 12, y: -7 } };
  const p = { x: 4.2, y: 30.1 };
  const back = toVenue(venue, fromVenue(venue, p));
  expect(back.x).toBeCloseTo(p.x, 9);
  expect(back.y).toBeCloseTo(p.y, 9);
  const east = fromVenue({ bearing: 90, centre: { x: 0, y: 0 } }, { x: 0, y: 10 });
  expect(east.x).toBeCloseTo(10, 9);
  expect(east.y).toBeCloseTo(0, 9);
});
