import { cosDeg, sinDeg } from "../../units";
import type { Surface } from "../surface";
import { convexHull } from "../polygon";
import type { Point } from "../vector";
import type { AreaKind } from "./kinds";

/** A part of a venue in its own axes. A later one lies on top of the earlier ones. */
export interface VenuePart {
  readonly kind: AreaKind;
  readonly outline: readonly Point[];
  /** What it is made of, where that is not what the ground at large is made of. */
  readonly surface?: Surface;
}

/** One painted or built mark, in the venue's own axes (x to the right, y along its long axis, origin in the middle). */
export interface PitchMark {
  readonly kind: "boundary" | "line" | "circle" | "broken" | "goal" | "spot";
  readonly points: readonly Point[];
  /** What is written beside it: "100 m", "finish". */
  readonly label?: string;
}

/** What is drawn of a venue: its marks, and its parts where they are more than field of play and run-off. */
export interface VenueLines {
  readonly marks: () => PitchMark[];
  readonly parts?: () => VenuePart[];
}

const ARC_STEP_DEG = 5;

/** A rectangular part about a point. */
export const part = (
  kind: AreaKind,
  [x, y, width, length]: readonly [number, number, number, number],
  surface?: Surface,
): VenuePart => ({ kind, outline: box(x, y, width, length), ...(surface && { surface }) });

/** An outline grown by so many metres on every side, as the hull of circles about its points. */
export const grown = (outline: readonly Point[], by: number): Point[] =>
  convexHull(outline.flatMap(({ x, y }) => ring(x, y, by).points));

/** The outline of the field of play: a rectangle about the middle. */
export const boundary = (width: number, length: number): PitchMark => ({
  kind: "boundary",
  points: box(0, 0, width, length),
});

function box(x: number, y: number, width: number, length: number): Point[] {
  const [w, l] = [width / 2, length / 2];
  return [
    { x: x - w, y: y + l },
    { x: x + w, y: y + l },
    { x: x + w, y: y - l },
    { x: x - w, y: y - l },
  ];
}

/** A straight line. */
export const line = (x1: number, y1: number, x2: number, y2: number): PitchMark => ({
  kind: "line",
  points: [
    { x: x1, y: y1 },
    { x: x2, y: y2 },
  ],
});

/** A line across the whole width at a distance from the middle. */
export const across = (width: number, y: number): PitchMark => line(-width / 2, y, width / 2, y);

/** Lines of a rectangle about a point, closed. */
export const rectangle = (x: number, y: number, width: number, length: number): PitchMark => {
  return { kind: "line", points: closed(box(x, y, width, length)) };
};

/** An arc about a point from one bearing to another, clockwise from the long axis, degrees. */
export function arc(x: number, y: number, radius: number, from: number, to: number): PitchMark {
  const steps = Math.max(2, Math.ceil(Math.abs(to - from) / ARC_STEP_DEG));
  const points = Array.from({ length: steps + 1 }, (_, i) => {
    const bearing = from + ((to - from) * i) / steps;
    return { x: x + radius * sinDeg(bearing), y: y + radius * cosDeg(bearing) };
  });
  return { kind: "circle", points };
}

/** Two straights of a length along the long axis, joined by half circles: a track, a velodrome, a fielding circle. */
export const stadium = (straight: number, radius: number): Point[] => [
  ...arc(0, straight / 2, radius, -90, 90).points,
  ...arc(0, -straight / 2, radius, 90, 270).points,
];

/** A rectangle with round corners, counted clockwise. */
export const roundedRink = (width: number, length: number, radius: number): Point[] => {
  const [x, y] = [width / 2 - radius, length / 2 - radius];
  return [
    ...arc(x, y, radius, 0, 90).points,
    ...arc(x, -y, radius, 90, 180).points,
    ...arc(-x, -y, radius, 180, 270).points,
    ...arc(-x, y, radius, 270, 360).points,
  ];
};

/** The points of an outline with its first one again at the end. */
export const closed = (points: readonly Point[]): Point[] => [...points, points[0]!];

/** A full circle. */
export const ring = (x: number, y: number, radius: number): PitchMark => arc(x, y, radius, 0, 360);

/** A dot. */
export const spot = (x: number, y: number): PitchMark => ({ kind: "spot", points: [{ x, y }] });

/** A goal at the end of the field: its mouth on the line `y`, its depth outward. */
export function goal(y: number, width: number, depth: number): PitchMark {
  const back = y + Math.sign(y) * depth;
  const w = width / 2;
  return {
    kind: "goal",
    points: [
      { x: -w, y },
      { x: -w, y: back },
      { x: w, y: back },
      { x: w, y },
    ],
  };
}

/** Marks of one end and the same turned about the middle for the other. */
export const bothEnds = (marks: readonly PitchMark[]): PitchMark[] => [
  ...marks,
  ...marks.map(({ kind, points }) => ({ kind, points: points.map((p) => ({ x: 0 - p.x, y: 0 - p.y })) })),
];
