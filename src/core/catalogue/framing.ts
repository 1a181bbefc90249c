import { creatureOf, type Subject } from "../motion";
import { grownOf } from "./subjects/grown";

/** How much of the frame a picture of a subject usually fills, along which side, and how the camera is held. */
export interface UsualFraming {
  /** Share 0 … 1 of the frame along its side. */
  readonly fill: number;
  readonly along: "height" | "width";
  readonly orientation: "upright" | "level";
}

const upright = (fill: number): UsualFraming => ({ fill, along: "height", orientation: "upright" });
const level = (fill: number): UsualFraming => ({ fill, along: "width", orientation: "level" });
const tall = (fill: number): UsualFraming => ({ fill, along: "height", orientation: "level" });

/** Who is framed otherwise than what is as large and of the same kind. Common practice, no source; shares chosen. */
// prettier-ignore
const OTHERWISE: readonly (readonly [subjects: string, framing: UsualFraming])[] = [
  ["dinghy-sailor windsurfer", upright(0.7)],
  ["paddle-boarder kitesurfer", upright(0.6)],
  ["wheelchair-basketball wheelchair-rugby wheelchair-tennis", upright(0.6)],
  ["cheer-stunt", upright(0.75)],
  ["team-celebrating", tall(0.6)],
  // One bird of the many that the picture is of.
  ["flock-flying", level(0.04)],
  ["elephant-walking whale-surfacing", level(0.55)],
  ["puffin-standing owl-perched raptor-perched", upright(0.45)],
  ["spider-web", tall(0.4)],
];

const OWN = new Map(
  OTHERWISE.flatMap(([ids, framing]) => ids.split(" ").map((id) => [id, framing] as const)),
);

/** Sizes in metres under which an animal is small, and under which what falls is a mark in a picture of something else (assumed). */
const SMALL = 0.4;
const MARK = 0.015;

/**
 * The usual framing of a subject, of the library or of one's own (common practice): players most of the height, what is long or spreads
 * its wings half of the width, a small animal a quarter of it; a flake or a drop a mark.
 */
export function usualFraming(
  subject: Pick<Subject, "id" | "figure" | "height" | "length" | "span">,
): UsualFraming {
  const own = OWN.get(grownOf(subject.id));
  if (own) return own;
  const { height, length, span } = subject;
  const size = span ?? length ?? height;
  const held = span || length ? level : upright;
  const creature = creatureOf(subject);
  if (creature === "person") return held(span || length ? 0.5 : 0.6);
  if (creature === "insect") return held(size < MARK && !span ? 0.02 : 0.4);
  return held(size < SMALL ? 0.25 : 0.4);
}
