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

/** What is raced on: a way that is closed to everybody, as wide and long as is told, about the middle. */
const course = (width: number, length: number, surface?: "snow" | "water" | "clay") =>
  part("course", [0, 0, width, length], surface);

/** Half of a circuit's width, and the radius that its bend has in the middle of it (FIA: at least 12 m wide; radius chosen). */
const CIRCUIT = { half: 6, radius: 60 };
/** Where the middle of the bend lies, so that the whole lies about the middle of the venue. */
const BEND: Point = { x: -7, y: 7 };

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

const gates = (count: number, apart: number, aside: number, half: number): PitchMark[] =>
  Array.from({ length: count }, (_, i) => {
    const [x, y] = [i % 2 === 0 ? aside : -aside, (i - (count - 1) / 2) * apart];
    return { ...line(x - half, y, x + half, y), kind: "broken" as const };
  });

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
        points: betweenWays(CIRCUIT.radius - CIRCUIT.half, CIRCUIT.radius + CIRCUIT.half),
      },
      { kind: "broken", points: throughBend(CIRCUIT.radius) },
    ],
    parts: () => [
      // Gravel outside the bend, and a strip of grass within.
      { kind: "escape", outline: betweenWays(CIRCUIT.radius - 14, CIRCUIT.radius + 26) },
      { kind: "course", outline: betweenWays(CIRCUIT.radius - CIRCUIT.half, CIRCUIT.radius + CIRCUIT.half) },
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
    marks: () => [boundary(40, 180), ...gates(15, 10, 4, 2.5)],
    parts: () => [course(22, 180, "snow")],
  },
  "ski-piste": {
    marks: () => [boundary(40, 200), ...gates(6, 28, 9, 4)],
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
    marks: () => [boundary(12, 250), ...gates(12, 20, 2.5, 0.8)],
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
