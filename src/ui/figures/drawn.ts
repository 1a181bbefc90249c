import type { PartClass } from "@/core/motion";
import { cosDeg, sinDeg } from "./turn";
import {
  ellipse,
  END_ON,
  limb,
  smooth,
  turned,
  type At,
  type Phase,
  type Piece,
  type Silhouette,
} from "./shape";

/** A thick line of a figure drawn from the side: one width for all of it, or one at each joint. */
export interface Stroke {
  readonly through: readonly At[];
  readonly width: number | readonly number[];
  readonly part?: PartClass;
}

/** A figure drawn from the side: smooth outlines, thick lines and discs. */
export interface Drawing {
  readonly strokes?: readonly Stroke[];
  readonly discs?: readonly { readonly at: At; readonly radius: number; readonly part?: PartClass }[];
  readonly outlines?: readonly (readonly At[])[];
  /** Outlines that beat: wings. */
  readonly wings?: readonly (readonly At[])[];
}

/** Wings spread to either side of a body: seen from in front they lie across the picture, seen from the side along its height. */
function spread(outline: readonly At[], turnDeg: number, pivot: number): At[] {
  const [along, across] = [cosDeg(turnDeg - 90), sinDeg(turnDeg - 90)];
  return outline.map(([x, y]): At => {
    const up = y - pivot;
    return [x * along - up * across, pivot + x * across + up * along];
  });
}

/** The end of a line of one width against its beginning: legs and necks taper. */
const TAPER = 0.62;

const widthsOf = ({ through, width }: Stroke): readonly number[] =>
  typeof width === "number"
    ? through.map((_, i) => width * (1 - ((1 - TAPER) * i) / Math.max(1, through.length - 1)))
    : width;

const piecesOf = ({ strokes = [], discs = [], outlines = [], wings = [] }: Drawing): Piece[] => [
  ...outlines.map((outline): Piece => ({ part: "body", outline: smooth(outline) })),
  ...strokes.map((s): Piece => ({ part: s.part ?? "body", outline: limb(s.through, widthsOf(s)) })),
  ...discs.map(({ at, radius, part = "body" }): Piece => ({ part, outline: ellipse(at, radius, radius) })),
  ...wings.map((outline): Piece => ({ part: "wing", outline: smooth(outline) })),
];

/** A silhouette drawn by hand from the side, with other drawings for the beginning and the end of its movement. */
export function drawn(
  {
    spreads,
    endOn = END_ON,
    ...measures
  }: Omit<Silhouette, "pieces"> & {
    /** Set where the wings are spread to both sides of the body. */
    readonly spreads?: boolean;
    /** How much of its length it shows seen end on, 0 … 1: as broad as it is against its length. */
    readonly endOn?: number;
  },
  peak: Drawing,
  phases: Partial<Readonly<Record<Exclude<Phase, "peak">, Drawing>>> = {},
): Silhouette {
  const all: Readonly<Record<Phase, Piece[]>> = {
    peak: piecesOf(peak),
    start: piecesOf(phases.start ?? peak),
    end: piecesOf(phases.end ?? peak),
    recovery: piecesOf(phases.recovery ?? peak),
  };
  return {
    ...measures,
    pieces: (turnDeg, phase) =>
      all[phase].map(({ part, outline }) => ({
        part,
        outline:
          spreads && part === "wing"
            ? spread(outline, turnDeg, measures.middle)
            : turned(outline, turnDeg, endOn),
      })),
  };
}
