import {
  across,
  arc,
  bothEnds,
  boundary,
  closed,
  goal,
  line,
  rectangle,
  ring,
  spot,
  stadium,
  type VenueTemplate,
} from "./mark";

/** Ice, water, arenas and mats. All measures in metres, from memory of the rule books; what the rules leave free is said. */
export const ARENAS: readonly VenueTemplate[] = [
  {
    id: "ice-hockey",
    name: "Ice hockey rink",
    width: 30,
    length: 60,
    runOff: { side: 0, end: 0 },
    marks: () => [
      { kind: "boundary", points: rink(30, 60, 8.5) },
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
    source: "IIHF Official Rule Book, rule 1; 60 × 30 with corners of 8.5 m chosen within 7–8.5",
    known: "from memory",
  },
  {
    id: "pool-50",
    name: "Swimming pool, 50 m",
    width: 25,
    length: 50,
    runOff: { side: 0, end: 0 },
    marks: () => [boundary(25, 50), ...lanes(25, 50, 10, 2.5), ...bothEnds([across(25, 20), across(25, 10)])],
    source:
      "World Aquatics Facilities Rules: ten lanes of 2.5 m; flags at 5 m and marks at 15 m from the walls",
    known: "from memory",
  },
  {
    id: "pool-25",
    name: "Swimming pool, 25 m",
    width: 20,
    length: 25,
    runOff: { side: 0, end: 0 },
    marks: () => [boundary(20, 25), ...lanes(20, 25, 8, 2.5)],
    source: "World Aquatics Facilities Rules: eight lanes of 2.5 m chosen",
    known: "from memory",
  },
  {
    id: "water-polo",
    name: "Water polo field",
    width: 20,
    length: 30,
    runOff: { side: 0, end: 0 },
    marks: () => [
      boundary(20, 30),
      across(20, 0),
      ...bothEnds([across(20, 13), across(20, 10), goal(15, 3, 0.5)]),
    ],
    source: "World Aquatics Water Polo Rules: 30 × 20, lines at 2 m and 5 m",
    known: "from memory",
  },
  {
    id: "rowing-course",
    name: "Rowing course, 2000 m",
    width: 81,
    length: 2000,
    runOff: { side: 5, end: 100 },
    marks: () => [
      boundary(81, 2000),
      ...lanes(81, 2000, 6, 13.5),
      ...[-500, 0, 500].map((y) => across(81, y)),
    ],
    source: "World Rowing Rules of Racing: six lanes of 13.5 m over 2000 m",
    known: "from memory",
  },
  {
    id: "show-jumping",
    name: "Show jumping arena",
    width: 50,
    length: 80,
    runOff: { side: 5, end: 5 },
    marks: () => [boundary(50, 80)],
    source: "FEI Jumping Rules: outdoors at least 4000 m² with a short side of 50 m; 80 × 50 is that",
    known: "from memory",
  },
  {
    id: "dressage",
    name: "Dressage arena",
    width: 20,
    length: 60,
    runOff: { side: 10, end: 10 },
    marks: () => [boundary(20, 60), spot(0, 0), spot(0, 24), spot(0, -24), spot(0, 12), spot(0, -12)],
    source: "FEI Dressage Rules: 60 × 20",
    known: "from memory",
  },
  {
    id: "velodrome",
    name: "Velodrome, 250 m",
    width: 70.02,
    length: 107.02,
    runOff: { side: 4, end: 4 },
    marks: () => [
      // Straights of 37 m and bends of the radius that makes 250 m of the measuring line.
      { kind: "boundary", points: stadium(37, 28.01 + 7) },
      { kind: "line", points: closed(stadium(37, 28.01)) },
    ],
    source: "UCI Regulations, part 3: 250 m at the measuring line; straights of 37 m and 7 m of width chosen",
    known: "from memory",
  },
  {
    id: "gymnastics-floor",
    name: "Gymnastics floor",
    width: 14,
    length: 14,
    runOff: { side: 2, end: 2 },
    marks: () => [boundary(14, 14), rectangle(0, 0, 12, 12)],
    source: "FIG Apparatus Norms: 12 × 12 with a border of 1 m",
    known: "from memory",
  },
  {
    id: "fencing-piste",
    name: "Fencing piste",
    width: 2,
    length: 18,
    runOff: { side: 1, end: 1 },
    marks: () => [
      boundary(2, 18),
      rectangle(0, 0, 1.75, 14),
      across(1.75, 0),
      ...bothEnds([across(1.75, 2), across(1.75, 5)]),
    ],
    source: "FIE technical rules: 14 m with 2 m behind each end, 1.5–2 m wide",
    known: "from memory",
  },
  {
    id: "judo-mat",
    name: "Judo mat",
    width: 16,
    length: 16,
    runOff: { side: 0, end: 0 },
    marks: () => [boundary(16, 16), rectangle(0, 0, 10, 10)],
    source: "IJF Sport and Organisation Rules: contest area 8–10 m, safety area 3–4 m",
    known: "from memory",
  },
  {
    id: "speed-climbing",
    name: "Speed climbing wall, base",
    width: 6,
    length: 5,
    runOff: { side: 2, end: 2 },
    marks: () => [boundary(6, 5), line(0, -2.5, 0, 2.5)],
    source: "IFSC Rules: two lanes of 3 m, 15 m high; the floor before the wall is shown",
    known: "from memory",
  },
  {
    id: "archery-70",
    name: "Archery range, 70 m",
    width: 20,
    length: 90,
    runOff: { side: 10, end: 20 },
    marks: () => [boundary(20, 90), across(20, -40), across(20, 30), spot(0, 30), spot(5, 30), spot(-5, 30)],
    source: "World Archery Rules, book 2: 70 m from shooting line to targets",
    known: "from memory",
  },
];

/** Lines between lanes along the long axis, in the middle of the width. */
const lanes = (width: number, length: number, count: number, lane: number) =>
  Array.from({ length: count + 1 }, (_, i) => (i - count / 2) * lane)
    .filter((x) => Math.abs(x) < width / 2)
    .map((x) => line(x, -length / 2, x, length / 2));

/** A rectangle with round corners, counted clockwise. */
const rink = (width: number, length: number, radius: number) => {
  const [x, y] = [width / 2 - radius, length / 2 - radius];
  return [
    ...arc(x, y, radius, 0, 90).points,
    ...arc(x, -y, radius, 90, 180).points,
    ...arc(-x, -y, radius, 180, 270).points,
    ...arc(-x, y, radius, 270, 360).points,
  ];
};
