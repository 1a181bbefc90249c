import {
  across,
  arc,
  bothEnds,
  boundary,
  goal,
  line,
  part,
  rectangle,
  ring,
  roundedRink,
  spot,
  type VenueLines,
} from "./mark";

/** A goal area of quarter circles about the posts joined by a straight, as in handball: radius and width of the goal. */
const goalArea = (y: number, radius: number, post: number) => [
  arc(post, y, radius, 90, 180),
  line(post, y - radius, -post, y - radius),
  arc(-post, y, radius, 180, 270),
];

/** A court with its sides, and behind each end line the strip that photographers ask for. */
const court = (width: number, length: number, { side, end }: { side: number; end: number }) => [
  part("run-off", [0, 0, width + 2 * side, length + 2 * end]),
  part("baseline", [0, (length + end) / 2, width + 2 * side, end]),
  part("baseline", [0, -(length + end) / 2, width + 2 * side, end]),
  part("field-of-play", [0, 0, width, length]),
];

/** The lines about one basket, its end line so far up. */
const basket = (end: number) => [
  rectangle(0, end - 2.9, 4.9, 5.8),
  arc(0, end - 5.8, 1.8, 90, 270),
  // Three points: 6.75 m about the basket, straight 0.90 m inside the side lines.
  arc(0, end - 1.575, 6.75, 102.1, 257.9),
  line(6.6, end, 6.6, end - 2.99),
  line(-6.6, end, -6.6, end - 2.99),
  ring(0, end - 1.575, 0.225),
];

const BASKETBALL: VenueLines = {
  marks: () => [boundary(15, 28), across(15, 0), ring(0, 0, 1.8), ...bothEnds(basket(14))],
  parts: () => court(15, 28, { side: 2, end: 2 }),
};

const NETBALL: VenueLines = {
  marks: () => [
    boundary(15.25, 30.5),
    ring(0, 0, 0.45),
    ...bothEnds([across(15.25, 5.083), arc(0, 15.25, 4.9, 90, 270), spot(0, 15.25)]),
  ],
  parts: () => court(15.25, 30.5, { side: 3, end: 3 }),
};

const TENNIS: VenueLines = {
  marks: () => [
    boundary(10.97, 23.77),
    across(12.8, 0),
    line(4.115, -11.885, 4.115, 11.885),
    line(-4.115, -11.885, -4.115, 11.885),
    line(0, -6.4, 0, 6.4),
    ...bothEnds([across(8.23, 6.4)]),
  ],
};

/** Courts. All measures in metres, from memory of the rule books; what the rules leave free is said. */
export const COURT_LINES: Readonly<Record<string, VenueLines>> = {
  basketball: BASKETBALL,
  "basketball-outdoor": BASKETBALL,
  "basketball-3x3": {
    marks: () => [boundary(15, 11), ...basket(5.5)],
    parts: () => [part("run-off", [0, 0, 18, 14]), part("field-of-play", [0, 0, 15, 11])],
  },
  handball: {
    marks: () => [
      boundary(20, 40),
      across(20, 0),
      ...bothEnds([
        ...goalArea(20, 6, 1.5),
        ...goalArea(20, 9, 1.5).map((m) => ({ ...m, kind: "broken" as const })),
        line(-0.5, 13, 0.5, 13),
        goal(20, 3, 1),
      ]),
    ],
    parts: () => court(20, 40, { side: 1, end: 2 }),
  },
  futsal: {
    marks: () => [
      boundary(20, 40),
      across(20, 0),
      ring(0, 0, 3),
      ...bothEnds([...goalArea(20, 6, 1.5), spot(0, 14), spot(0, 10), goal(20, 3, 1)]),
    ],
    parts: () => court(20, 40, { side: 1, end: 1 }),
  },
  korfball: {
    marks: () => [boundary(20, 40), across(20, 0), ...bothEnds([spot(0, 13.33), ring(0, 13.33, 2.5)])],
    parts: () => court(20, 40, { side: 1, end: 2 }),
  },
  netball: NETBALL,
  "netball-outdoor": NETBALL,
  volleyball: {
    marks: () => [boundary(9, 18), across(10, 0), ...bothEnds([across(9, 3)])],
    parts: () => court(9, 18, { side: 3, end: 3 }),
  },
  "beach-volleyball": {
    marks: () => [boundary(8, 16), across(9, 0)],
  },
  badminton: {
    marks: () => [
      boundary(6.1, 13.4),
      across(6.1, 0),
      line(2.59, -6.7, 2.59, 6.7),
      line(-2.59, -6.7, -2.59, 6.7),
      ...bothEnds([across(6.1, 1.98), across(6.1, 6.7 - 0.76), line(0, 1.98, 0, 6.7)]),
    ],
  },
  tennis: TENNIS,
  "tennis-hard": TENNIS,
  padel: {
    // Service lines 6.95 m from the net, joined along the middle.
    marks: () => [boundary(10, 20), across(10, 0), line(0, -6.95, 0, 6.95), ...bothEnds([across(10, 6.95)])],
  },
  floorball: {
    marks: () => [
      { kind: "boundary", points: roundedRink(20, 40, 3) },
      across(20, 0),
      spot(0, 0),
      ...bothEnds([rectangle(0, 15.65, 5, 4), rectangle(0, 16.05, 2.5, 1), goal(16.05, 1.6, 0.6)]),
    ],
    parts: () => [
      part("run-off", [0, 0, 22, 42]),
      { kind: "field-of-play", outline: roundedRink(20, 40, 3) },
    ],
  },
  "gym-hall": {
    // The court for volleyball is the one that every such hall has.
    marks: () => [boundary(15, 27), rectangle(0, 0, 9, 18), across(9, 0), ...bothEnds([across(9, 3)])],
    parts: () => [part("run-off", [0, 0, 15, 27]), part("field-of-play", [0, 0, 13, 24])],
  },
  "table-tennis": {
    marks: () => [
      boundary(7, 14),
      rectangle(0, 0, 1.525, 2.74),
      line(-0.915, 0, 0.915, 0),
      line(0, -1.37, 0, 1.37),
    ],
  },
  squash: {
    marks: () => [
      boundary(6.4, 9.75),
      across(6.4, 4.875 - 5.49),
      line(0, 4.875 - 5.49, 0, -4.875),
      rectangle(2.4, -1.415, 1.6, 1.6),
      rectangle(-2.4, -1.415, 1.6, 1.6),
    ],
  },
};
