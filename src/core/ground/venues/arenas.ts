import {
  across,
  bothEnds,
  boundary,
  closed,
  goal,
  grown,
  line,
  part,
  rectangle,
  ring,
  roundedRink,
  spot,
  stadium,
  type VenueLines,
} from "./mark";

/** Ice, water, arenas and mats. All measures in metres, from memory of the rule books; what the rules leave free is said. */
export const ARENA_LINES: Readonly<Record<string, VenueLines>> = {
  "ice-hockey": {
    marks: () => [
      { kind: "boundary", points: roundedRink(30, 60, 8.5) },
      across(30, 0),
      ring(0, 0, 4.5),
      ...bothEnds([
        across(30, 7.14),
        across(28, 26),
        ring(7, 20, 4.5),
        ring(-7, 20, 4.5),
        spot(7, 20),
        spot(-7, 20),
        goal(26, 1.83, 1.12),
      ]),
    ],
    parts: () => [{ kind: "ice", outline: roundedRink(30, 60, 8.5), surface: "ice" }],
  },
  "pool-50": {
    marks: () => [boundary(25, 50), ...lanes(25, 50, 10, 2.5), ...bothEnds([across(25, 20), across(25, 10)])],
    parts: () => basin(25, 50),
  },
  "pool-50-outdoor": {
    marks: () => [boundary(25, 50), ...lanes(25, 50, 10, 2.5), ...bothEnds([across(25, 20), across(25, 10)])],
    parts: () => basin(25, 50),
  },
  "diving-pool": {
    marks: () => [boundary(25, 25)],
    parts: () => [part("pool-deck", [0, 0, 33, 37]), part("water", [0, 0, 25, 25], "water")],
  },
  "pool-25": {
    marks: () => [boundary(20, 25), ...lanes(20, 25, 8, 2.5)],
    parts: () => basin(20, 25),
  },
  "pool-10": {
    marks: () => [boundary(6, 10)],
    parts: () => basin(6, 10, 2),
  },
  "water-polo": {
    marks: () => [
      boundary(20, 30),
      across(20, 0),
      ...bothEnds([across(20, 13), across(20, 10), goal(15, 3, 0.5)]),
    ],
    parts: () => basin(20, 30),
  },
  "rowing-course": {
    marks: () => [
      boundary(81, 2000),
      ...lanes(81, 2000, 6, 13.5),
      ...[-500, 0, 500].map((y) => across(81, y)),
    ],
    parts: () => [part("water", [0, 0, 101, 2200], "water")],
  },
  "show-jumping": {
    marks: () => [boundary(50, 80)],
  },
  dressage: {
    marks: () => [boundary(20, 60), spot(0, 0), spot(0, 24), spot(0, -24), spot(0, 12), spot(0, -12)],
  },
  velodrome: {
    marks: () => [
      // Straights of 37 m and bends of the radius that makes 250 m of the measuring line.
      { kind: "boundary", points: stadium(37, 28.01 + 7) },
      { kind: "line", points: closed(stadium(37, 28.01)) },
    ],
    parts: () => [
      { kind: "lanes", outline: stadium(37, 28.01 + 7) },
      { kind: "infield", outline: stadium(37, 28.01 - 4) },
    ],
  },
  "gymnastics-floor": {
    marks: () => [boundary(14, 14), rectangle(0, 0, 12, 12)],
    parts: () => [part("run-off", [0, 0, 18, 18]), part("mat", [0, 0, 14, 14])],
  },
  "fencing-piste": {
    marks: () => [
      boundary(2, 18),
      rectangle(0, 0, 1.75, 14),
      across(1.75, 0),
      ...bothEnds([across(1.75, 2), across(1.75, 5)]),
    ],
    parts: () => [part("run-off", [0, 0, 4, 20]), part("mat", [0, 0, 2, 18])],
  },
  "judo-mat": {
    marks: () => [boundary(16, 16), rectangle(0, 0, 10, 10)],
    parts: () => [part("run-off", [0, 0, 19, 19]), part("mat", [0, 0, 16, 16])],
  },
  "boxing-ring": {
    marks: () => [boundary(7.8, 7.8), rectangle(0, 0, 6.1, 6.1)],
    parts: () => [part("run-off", [0, 0, 10.8, 10.8]), part("mat", [0, 0, 7.8, 7.8])],
  },
  "wrestling-mat": {
    marks: () => [boundary(12, 12), ring(0, 0, 4.5), ring(0, 0, 3.5), ring(0, 0, 0.5)],
    parts: () => [part("run-off", [0, 0, 14, 14]), part("mat", [0, 0, 12, 12])],
  },
  "karate-mat": {
    marks: () => [boundary(12, 12), rectangle(0, 0, 8, 8)],
    parts: () => [part("run-off", [0, 0, 14, 14]), part("mat", [0, 0, 12, 12])],
  },
  "lead-wall": {
    marks: () => [boundary(16, 6)],
    parts: () => [part("run-off", [0, 0, 20, 10]), part("mat", [0, 0, 16, 6])],
  },
  "boulder-wall": {
    marks: () => [boundary(24, 6)],
    parts: () => [part("run-off", [0, 0, 28, 10]), part("mat", [0, 0, 24, 6])],
  },
  "curling-sheet": {
    // Tee lines 17.375 m from the middle with houses of 1.83, 1.22 and 0.61 m about them, hog lines 6.40 m before these.
    marks: () => [
      boundary(5, 45.72),
      line(0, -21, 0, 21),
      ...bothEnds([
        ...[1.829, 1.219, 0.61].map((r) => ring(0, 17.375, r)),
        across(5, 17.375),
        across(5, 17.375 - 6.401),
        across(5, 17.375 + 1.829),
      ]),
    ],
    parts: () => [part("ice", [0, 0, 5, 45.72], "ice")],
  },
  "indoor-track-200": {
    // Six lanes of 0.90 m about a kerb of 17.20 m, straights of 45.02 m: 200 m at 0.30 m from the kerb; sprints along the middle.
    marks: () => [
      { kind: "boundary", points: stadium(INDOOR.straight, INDOOR.kerb + 5.4) },
      ...[0, 1, 2, 3, 4, 5].map((lane) => ({
        kind: "line" as const,
        points: closed(stadium(INDOOR.straight, INDOOR.kerb + 0.9 * lane)),
      })),
      ...Array.from({ length: 9 }, (_, i) => line((i - 4) * 1.22, -37, (i - 4) * 1.22, 37)),
      line(-4.88, -30, 4.88, -30),
      { ...line(-4.88, 30, 4.88, 30), label: "60 m finish" },
    ],
    parts: () => [
      { kind: "run-off", outline: grown(stadium(INDOOR.straight, INDOOR.kerb + 5.4), 1) },
      { kind: "lanes", outline: stadium(INDOOR.straight, INDOOR.kerb + 5.4), surface: "track" },
      { kind: "infield", outline: stadium(INDOOR.straight, INDOOR.kerb) },
      part("lanes", [0, 0, 9.76, 74], "track"),
      part("lanes", [-12, -4, 1.5, 34], "track"),
      part("pit", [-12, 17, 4, 9], "sand"),
    ],
  },
  "speed-climbing": {
    marks: () => [boundary(6, 5), line(0, -2.5, 0, 2.5)],
    parts: () => [part("run-off", [0, 0, 10, 9]), part("mat", [0, 0, 6, 5])],
  },
  "archery-70": {
    marks: () => [boundary(20, 90), across(20, -40), across(20, 30), spot(0, 30), spot(5, 30), spot(-5, 30)],
    parts: () => [
      // Arrows go astray to the sides and beyond: only behind the shooting line anybody stands.
      part("range", [0, 12.5, 40, 105]),
      part("run-off", [0, -47.5, 40, 15]),
    ],
  },
};

/** Straight and radius of the kerb of an indoor track. */
const INDOOR = { straight: 45.02, kerb: 17.2 };

/** A basin with its deck, metres wide. */
const basin = (width: number, length: number, deck = 4) => [
  part("pool-deck", [0, 0, width + 2 * deck, length + 2 * deck]),
  part("water", [0, 0, width, length], "water"),
];

/** Lines between lanes along the long axis, in the middle of the width. */
const lanes = (width: number, length: number, count: number, lane: number) =>
  Array.from({ length: count + 1 }, (_, i) => (i - count / 2) * lane)
    .filter((x) => Math.abs(x) < width / 2)
    .map((x) => line(x, -length / 2, x, length / 2));
