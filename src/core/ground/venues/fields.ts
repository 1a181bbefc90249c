import { hockeyPitchMarks } from "./hockey-pitch";
import {
  across,
  arc,
  bothEnds,
  boundary,
  closed,
  goal,
  grown,
  line,
  part,
  rectangle,
  ring,
  spot,
  stadium,
  type PitchMark,
  type VenuePart,
  type VenueLines,
} from "./mark";

/** Outdoor fields. All measures in metres, from memory of the rule books; what the rules leave free is said. */
export const FIELD_LINES: Readonly<Record<string, VenueLines>> = {
  "field-hockey": {
    marks: hockeyPitchMarks,
  },
  football: {
    marks: () => [
      boundary(68, 105),
      across(68, 0),
      ring(0, 0, 9.15),
      spot(0, 0),
      ...bothEnds([
        rectangle(0, 52.5 - 8.25, 40.32, 16.5),
        rectangle(0, 52.5 - 2.75, 18.32, 5.5),
        spot(0, 52.5 - 11),
        // The part of the penalty arc outside the area: 5.5 m of 9.15 lie inside it.
        arc(0, 52.5 - 11, 9.15, 180 - 53.05, 180 + 53.05),
        goal(52.5, 7.32, 2),
      ]),
    ],
  },
  "football-7": {
    marks: () => [
      boundary(37, 55),
      across(37, 0),
      ring(0, 0, 5.5),
      spot(0, 0),
      ...bothEnds([rectangle(0, 27.5 - 4.57, 16.46, 9.14), spot(0, 27.5 - 7.32), goal(27.5, 3.66, 1)]),
    ],
  },
  "football-9": {
    marks: () => [
      boundary(46, 73),
      across(46, 0),
      ring(0, 0, 6.4),
      spot(0, 0),
      ...bothEnds([rectangle(0, 36.5 - 5.95, 29.26, 11.89), spot(0, 36.5 - 8.23), goal(36.5, 4.88, 1.5)]),
    ],
  },
  polo: {
    // A T in the middle, lines at 30, 40 and 60 yards from the back lines, goals of 8 yards that are open at the top.
    marks: () => [
      boundary(146.3, 274.32),
      across(12, 0),
      ...bothEnds([
        ...[30, 40, 60].map((yards) => across(146.3, 137.16 - yards * 0.9144)),
        spot(0, 137.16 - 54.86),
        goal(137.16, 7.32, 0.2),
      ]),
    ],
  },
  "golf-hole": {
    marks: () => [boundary(60, 180), rectangle(0, -78, 6, 8), ring(0, 72, 9), spot(2, 74)],
    parts: () => [
      part("field-of-play", [0, 0, 34, 168]),
      // The bunker before the green.
      part("field-of-play", [8, 56, 10, 8], "sand"),
    ],
  },
  "dog-agility": {
    marks: () => [boundary(24, 40)],
  },
  "rugby-union": {
    marks: () => [
      boundary(70, 122),
      across(70, 0),
      ...bothEnds([
        across(70, 50),
        across(70, 28),
        { ...across(70, 10), kind: "broken" },
        { ...across(70, 45), kind: "broken" },
        goal(50, 5.6, 0.2),
      ]),
    ],
  },
  "rugby-league": {
    marks: () => [
      boundary(68, 116),
      across(68, 0),
      ...bothEnds([...[10, 20, 30, 40, 50].map((y) => across(68, y)), goal(50, 5.5, 0.2)]),
    ],
  },
  gridiron: {
    marks: () => [
      boundary(48.77, 109.73),
      across(48.77, 0),
      // A line every ten yards; goal lines 50 yards from the middle.
      ...bothEnds([1, 2, 3, 4, 5].map((k) => across(48.77, k * 9.144))),
      ...bothEnds([goal(54.86, 5.64, 0.2)]),
    ],
  },
  "australian-football": {
    marks: () => [
      { kind: "boundary", points: oval(135, 165) },
      ring(0, 0, 5),
      rectangle(0, 0, 50, 50),
      ...bothEnds([rectangle(0, 82.5 - 4.5, 6.4, 9), arc(0, 82.5, 50, 130, 230), goal(82.5, 6.4, 0.2)]),
    ],
  },
  "gaelic-field": {
    marks: () => [
      boundary(85, 140),
      ...bothEnds([
        across(85, 70 - 13),
        across(85, 70 - 20),
        across(85, 70 - 45),
        rectangle(0, 70 - 2.25, 14, 4.5),
        rectangle(0, 70 - 6.5, 19, 13),
        goal(70, 6.5, 1),
      ]),
    ],
  },
  lacrosse: {
    marks: () => [
      boundary(60, 110),
      across(60, 0),
      ...bothEnds([ring(0, 40, 3), across(60, 22.5), goal(40, 1.83, 2.1)]),
    ],
  },
  cricket: {
    marks: () => [
      { kind: "boundary", points: ring(0, 0, 65).points.slice(0, -1) },
      rectangle(0, 0, 3.05, 20.12),
      // The fielding circle: two half circles of 27.43 m about the middle stumps, joined.
      {
        kind: "broken",
        points: closed(stadium(20.12, 27.43)),
      },
      ...bothEnds([line(-1.83, 8.84, 1.83, 8.84), line(-1.32, 10.06, 1.32, 10.06)]),
    ],
  },
  baseball: {
    marks: () => diamond({ base: 27.43, plate: 18.44, fence: 122, mound: 2.74, infield: 28.96 }),
  },
  "baseball-youth": {
    marks: () => diamond({ base: 18.29, plate: 14.02, fence: 61, mound: 2.74, infield: 15.24 }),
  },
  softball: {
    marks: () => diamond({ base: 18.29, plate: 13.11, fence: 67.06, mound: 2.44, infield: 18.29 }),
  },
  "athletics-400": {
    marks: () => [
      ...Array.from({ length: 9 }, (_, lane) => track(lane * 1.22, lane === 8)),
      ...TRACK_LINES,
      // The long jump outside the back straight: its runway of 40 m and its pit of 9 × 2.75 m.
      rectangle(-50.5, -9.5, 1.22, 40),
      rectangle(-50.5, 16, 2.75, 9),
    ],
    parts: () => [...TRACK_PARTS],
  },
  "throwing-sector": {
    marks: () => [
      { kind: "boundary", points: [{ x: 0, y: -45 }, ...arc(0, -45, 90, -17.46, 17.46).points] },
      ring(0, -45, 1.25),
      ...[30, 50, 70].map((r) => arc(0, -45, r, -17.46, 17.46)),
    ],
    parts: () => sectorParts(-45, 90, 17.46, []),
  },
  "javelin-sector": {
    marks: () => [
      { kind: "boundary", points: [{ x: 0, y: -50 }, ...arc(0, -50, 100, -14.48, 14.48).points] },
      arc(0, -50, 8, -14.48, 14.48),
      ...[40, 60, 80].map((r) => arc(0, -50, r, -14.48, 14.48)),
      line(-2, -42.26, -2, -72),
      line(2, -42.26, 2, -72),
    ],
    parts: () =>
      sectorParts(-50, 100, 14.48, [
        // The runway, and a metre on either side of it.
        part("lanes", [0, -57.1, 6, 31]),
      ]),
  },
};

/** Straight, radius of the kerb and width of the eight lanes of a standard track. */
const STRAIGHT = 84.39;
const KERB = 36.5;
const LANES = 8 * 1.22;

/** A line across the lanes of the home straight (the eastern one) or the back straight, with its name. */
const acrossLanes = (y: number, side: 1 | -1, label: string): PitchMark => ({
  ...line(side * KERB, y, side * (KERB + LANES), y),
  label,
});

/** Finish and metre marks, counted along the first lane; runners go counter to the clock. */
const TRACK_LINES: readonly PitchMark[] = [
  acrossLanes(STRAIGHT / 2, 1, "finish"),
  acrossLanes(-STRAIGHT / 2, 1, "300 m"),
  acrossLanes(STRAIGHT / 2, -1, "100 m"),
  acrossLanes(-STRAIGHT / 2, -1, "200 m"),
  // The start of the 100 m lies in the run-in behind the straight.
  acrossLanes(STRAIGHT / 2 - 100, 1, "100 m start"),
];

const TRACK_PARTS: readonly VenuePart[] = [
  { kind: "run-off", outline: grown(stadium(STRAIGHT, KERB + LANES), 1) },
  { kind: "lanes", outline: stadium(STRAIGHT, KERB + LANES), surface: "track" },
  // Where sprints start and run out.
  part("lanes", [KERB + LANES / 2, 0, LANES, STRAIGHT + 50], "track"),
  { kind: "infield", outline: stadium(STRAIGHT, KERB), surface: "grass" },
  // Throws land in the infield.
  sector(-STRAIGHT / 2, STRAIGHT + 10, 17.46),
  part("lanes", [-50.5, -9.5, 2.5, 42], "track"),
  part("pit", [-50.5, 16, 5, 11], "sand"),
];

/** A landing sector from its point on, so many degrees to either side. */
function sector(from: number, radius: number, half: number): VenuePart {
  return {
    kind: "landing-sector",
    outline: [{ x: 0, y: from }, ...arc(0, from, radius, -half, half).points],
  };
}

/** A sector with ten metres about it where implements land that slip. */
function sectorParts(from: number, radius: number, half: number, more: readonly VenuePart[]): VenuePart[] {
  const landing = sector(from, radius, half);
  return [{ kind: "run-off", outline: grown(landing.outline, 10) }, landing, ...more];
}

/** An oval boundary, as two half ellipses. */
const oval = (width: number, length: number) =>
  Array.from({ length: 72 }, (_, i) => {
    const a = (i * Math.PI) / 36;
    return { x: (width / 2) * Math.sin(a), y: (length / 2) * Math.cos(a) };
  });

/** The line of a lane's inner edge at so many metres out from the kerb. */
function track(out: number, outermost: boolean) {
  const points = stadium(STRAIGHT, KERB + out);
  return outermost
    ? { kind: "boundary" as const, points }
    : { kind: "line" as const, points: closed(points) };
}

interface Diamond {
  readonly base: number;
  /** From the plate's point to the pitcher's plate, to the fence straight away, about the mound, the infield's arc. */
  readonly plate: number;
  readonly fence: number;
  readonly mound: number;
  readonly infield: number;
}

/** A diamond with home plate at the lower end and second base straight up the long axis. */
function diamond({ base, plate, fence, mound, infield }: Diamond) {
  const home = -fence / 2;
  const side = base * Math.SQRT1_2;
  const bases = [
    { x: 0, y: home },
    { x: side, y: home + side },
    { x: 0, y: home + 2 * side },
    { x: -side, y: home + side },
  ];
  return [
    { kind: "boundary" as const, points: [bases[0]!, ...arc(0, home, fence, -45, 45).points] },
    { kind: "line" as const, points: closed(bases) },
    ring(0, home + plate, mound),
    arc(0, home + plate, infield, -75, 75),
    ...bases.map((b) => spot(b.x, b.y)),
  ];
}
