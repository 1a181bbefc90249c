import { cosDeg, sinDeg } from "../../units";
import type { Point } from "../vector";
import { across, boundary, goal, spot, type PitchMark } from "./mark";

/**
 * The field of play of field hockey in metres (FIH Rules of Hockey, field of play; from memory): 91.40 × 55.00,
 * quarter lines 22.90 from the back lines, circles of 14.63 about the posts of a goal 3.66 wide, a broken line
 * 5 m outside each circle, penalty spots 6.475 from the back line.
 */
export const HOCKEY_PITCH = Object.freeze({
  length: 91.4,
  width: 55,
  quarterLine: 22.9,
  circleRadius: 14.63,
  brokenCircleRadius: 19.63,
  goalWidth: 3.66,
  goalHeight: 2.14,
  goalDepth: 1.2,
  penaltySpot: 6.475,
});

const ARC_STEP_DEG = 5;

/**
 * The shooting circle as a line of points: a quarter about each post joined by a straight 3.66 m, ended where it
 * meets the back line or, for the broken circle, the side line. `end` is +1 for the far goal, −1 for the near.
 */
export function shootingCircle(radius: number, end: 1 | -1): Point[] {
  const { length, width, goalWidth } = HOCKEY_PITCH;
  const post = goalWidth / 2;
  const reach = Math.min(radius, width / 2 - post);
  const startDeg = (Math.acos(reach / radius) * 180) / Math.PI;
  const quarter: Point[] = [];
  for (let a = startDeg; a < 90; a += ARC_STEP_DEG)
    quarter.push({ x: post + radius * cosDeg(a), y: end * (length / 2 - radius * sinDeg(a)) });
  quarter.push({ x: post, y: end * (length / 2 - radius) });
  const mirrored = quarter.map((p) => ({ x: -p.x, y: p.y })).reverse();
  return [...quarter, ...mirrored];
}

/** Every mark of the pitch, centred on the origin with the long axis along y. */
export function hockeyPitchMarks(): PitchMark[] {
  const { length, width, quarterLine, circleRadius, brokenCircleRadius, penaltySpot, goalWidth, goalDepth } =
    HOCKEY_PITCH;
  const y = length / 2;
  const ends = [1, -1] as const;
  return [
    boundary(width, length),
    ...[0, y - quarterLine, -(y - quarterLine)].map((at) => across(width, at)),
    ...ends.map((end) => ({ kind: "circle" as const, points: shootingCircle(circleRadius, end) })),
    ...ends.map((end) => ({ kind: "broken" as const, points: shootingCircle(brokenCircleRadius, end) })),
    ...ends.map((end) => goal(end * y, goalWidth, goalDepth)),
    ...ends.map((end) => spot(0, end * (y - penaltySpot))),
  ];
}
