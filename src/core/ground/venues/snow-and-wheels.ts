import {
  across,
  arc,
  boundary,
  closed,
  line,
  part,
  rectangle,
  stadium,
  type PitchMark,
  type VenueLines,
} from "./mark";
import type { Point } from "../vector";
import { BEND, gatesOf } from "./courses";

/** What is raced on: a way that is closed to everybody, as wide and long as is told, about the middle. */
const course = (width: number, length: number, surface?: "snow" | "water" | "clay") =>
  part("course", [0, 0, width, length], surface);

/** Half of a circuit's width (FIA: at least 12 m wide). */
const HALF = 6;
/** A way through the bend at so far from its middle: in from the south, a right-hander, out to the east. */
const throughBend = (radius: number): Point[] => [
  { x: BEND.x - radius, y: -73 },
  ...arc(BEND.x, BEND.y, radius, 270, 360).points,
  { x: 73, y: BEND.y + radius },
];

/** The ground between two such ways. */
const betweenWays = (inner: number, outer: number): Point[] => [
  ...throughBend(outer),
  ...throughBend(inner).toReversed(),
];

/** The lines from post to post. */
const gates = (venue: Parameters<typeof gatesOf>[0]): PitchMark[] =>
  gatesOf(venue).map(({ x, y, half }) => ({ ...line(x - half, y, x + half, y), kind: "broken" as const }));

/** Courses of snow, earth, asphalt and white water. All measures in metres, from memory of the rule books; what they leave free is said. */
export const SNOW_AND_WHEELS_LINES: Readonly<Record<string, VenueLines>> = {
  racecourse: {
    marks: () => [boundary(30, 400), { ...across(30, 150), label: "finish" }],
    parts: () => [course(30, 400)],
  },
  "motor-bend": {
    marks: () => [
      {
        kind: "boundary",
        points: betweenWays(BEND.radius - HALF, BEND.radius + HALF),
      },
      { kind: "broken", points: throughBend(BEND.radius) },
    ],
    parts: () => [
      // Gravel outside the bend, and a strip of grass within.
      { kind: "escape", outline: betweenWays(BEND.radius - 14, BEND.radius + 26) },
      { kind: "course", outline: betweenWays(BEND.radius - HALF, BEND.radius + HALF) },
    ],
  },
  speedway: {
    marks: () => [
      { kind: "boundary", points: stadium(60, 39) },
      { kind: "line", points: closed(stadium(60, 27)) },
      line(27, 0, 39, 0),
    ],
    parts: () => [
      { kind: "course", outline: stadium(60, 39) },
      { kind: "infield", outline: stadium(60, 26), surface: "grass" },
    ],
  },
  "slalom-hill": {
    marks: () => [boundary(40, 180), ...gates("slalom-hill")],
    parts: () => [course(22, 180, "snow")],
  },
  "ski-piste": {
    marks: () => [boundary(40, 200), ...gates("ski-piste")],
    parts: () => [course(36, 200, "snow")],
  },
  "half-pipe": {
    marks: () => [boundary(22, 170), line(-8, -85, -8, 85), line(8, -85, 8, 85)],
    parts: () => [part("run-off", [0, 0, 30, 190]), course(22, 170, "snow")],
  },
  "jump-hill": {
    // The landing from the knoll down, its steepest part to where jumpers should land, and the outrun.
    marks: () => [boundary(25, 220), across(25, 20), across(25, -10), across(25, -45)],
    parts: () => [course(25, 220, "snow")],
  },
  "canoe-slalom": {
    marks: () => [boundary(12, 250), ...gates("canoe-slalom")],
    parts: () => [part("water", [0, 0, 12, 250], "water")],
  },
  "skate-park": {
    marks: () => [boundary(25, 45), rectangle(0, 0, 4, 6)],
    parts: () => [part("run-off", [0, 0, 29, 49]), course(25, 45)],
  },
  "jump-line": {
    marks: () => [boundary(12, 60)],
    parts: () => [part("run-off", [0, 0, 18, 70]), course(6, 60, "clay")],
  },
};
