import { posedPerson } from "./person";
import type { Discipline, Wears } from "./poses/pose-of";
import { enlarged, mirroredSolid, moved, reachAlong, type Solid } from "./solid";
import { dot, unit, type Vec } from "./turned";

/** A figure in a pose: its solids in shares of its measure, standing on z = 0, off it, or lying in it. */
export interface Posed {
  readonly solids: readonly Solid[];
  /** Which way the face looks. */
  readonly face: Vec;
}

/** How a figure is posed. */
export interface PosedAsked {
  /** Which of its poses, from 0. */
  readonly pose: number;
  /** Whether it acts with the other hand than most. */
  readonly mirrored?: boolean;
  /** Off the ground by at most so much of its measure, where the pose is off it; as the pose has it when left out. */
  readonly offAtMost?: number;
}

/** Anybody and anything that has a body in space. */
export interface Figure {
  /** Which measure of the subject is one of the body's. */
  readonly unit: "standing" | "height" | "length" | "span";
  /** Its poses by name in the order of the movement, at least one. */
  readonly names: readonly string[];
  /** Which of them a picture waits for. */
  readonly peak: number;
  readonly wears: Wears;
  readonly posed: (asked: PosedAsked) => Posed;
}

/** One who acts with the other hand, and what it holds. */
const mirrorOf = ({ solids, face }: Posed): Posed => ({
  solids: solids.map(mirroredSolid),
  face: { ...face, y: -face.y },
});

/** With what a number is worn on the back. */
const NUMBERED: readonly Wears[] = ["shorts", "socks"];

/** The figure of a person who moves in a discipline: on foot, on what it holds and stands on, or in the water. */
export const personFigure = ({ poses, peak, tools, wears, head }: Discipline): Figure => ({
  unit: "standing",
  names: poses.map((p) => p.name),
  peak,
  wears,
  posed: ({ pose, mirrored = false, offAtMost = Infinity }) => {
    const told = poses[pose]!.pose;
    const { solids: all, face } = posedPerson(
      { ...told, off: Math.min(told.off ?? 0, offAtMost) },
      tools,
      head,
    );
    const solids = NUMBERED.includes(wears) ? all : all.filter((s) => s.name !== "number");
    return mirrored ? mirrorOf({ solids, face }) : { solids, face };
  },
});

/** A pose of something built: its solids in any measure, and which way the face looks. */
export interface Built {
  readonly solids: readonly Solid[];
  readonly face?: Vec;
  /** How far its lowest point is off the ground, in the same measure; or that it lies as it is built. */
  readonly off?: number | "as built";
}

interface BuiltMore {
  readonly peak?: number;
  readonly wears?: Wears;
  /** What the subject's measure is told of; the peak when left out. */
  readonly measured?: () => Built;
}

const AHEAD: Vec = { x: 1, y: 0, z: 0 };
const AXES = { height: { x: 0, y: 0, z: 1 }, length: AHEAD, span: { x: 0, y: 1, z: 0 } } as const;

/**
 * A figure whose poses are built in a measure of their own: all are made so many times as large as makes what is measured 1 along the measure
 * of the subject that is told.
 */
export function builtFigure(
  measure: "height" | "length" | "span",
  poses: Readonly<Record<string, () => Built>>,
  { peak = 0, wears = "trousers", measured }: BuiltMore = {},
): Figure {
  const all = Object.values(poses);
  let times: number | undefined;
  const timesOf = (): number => {
    const { least, most } = reachAlong((measured ?? all[peak]!)().solids, AXES[measure]);
    return 1 / (most - least);
  };
  return {
    unit: measure,
    names: Object.keys(poses),
    peak,
    wears,
    posed: ({ pose, mirrored = false, offAtMost = Infinity }) => {
      times ??= timesOf();
      const { solids, face = AHEAD, off = 0 } = all[pose]!();
      const sized = solids.map((s) => enlarged(s, times!));
      const { least } = reachAlong(sized, AXES.height);
      const up = off === "as built" ? 0 : Math.min(off * times, offAtMost) - least;
      const placed = sized.map((s) => moved(s, { x: 0, y: 0, z: up }));
      const there = { solids: placed, face: unit(face) };
      return mirrored ? mirrorOf(there) : there;
    },
  };
}

/** How much of the face is turned this way, 0 (from behind) … 1 (face on). */
export const faceShareOf = ({ face }: Pick<Posed, "face">, toward: Vec): number =>
  Math.max(0, dot(face, toward));
