import {
  bodySeen,
  DISCIPLINES,
  mirrored as mirrorOf,
  posedPerson,
  reachAlong,
  shadowSeen,
  type Discipline,
  type Light,
} from "@/core/body";
import { grownOf, movesOf, SUBJECTS } from "@/core/catalogue";
import type { Subject } from "@/core/motion";
import type { FigurePiece, PieceLook } from "@/core/picture";

/** How a figure is seen. */
export interface FigureSeen {
  /** Degrees between the way it faces and the camera: 0 face on, 90 from the side, 180 from behind. */
  readonly turn: number;
  /** Degrees by which the camera looks down on it. */
  readonly above: number;
  /** Where in its movement it is seen, or which of its poses. */
  readonly phase: "start" | "peak" | "end" | "recovery" | number;
  /** 1 faces to the right of the picture, −1 to the left. */
  readonly heads: 1 | -1;
  /** Whether it is off the ground, and stands on its middle. */
  readonly aloft: boolean;
  /** Whether it acts with the other hand than most. */
  readonly mirrored: boolean;
  /** Where the sun stands to it that throws its shadow; none where it throws none. */
  readonly sun?: Light;
}

/** What a solid of a person is made of, by its name: in shorts and bare legs. */
const LOOKS: readonly (readonly [RegExp, PieceLook])[] = [
  [/^hair$/, "hair"],
  [/foot$/, "shoes"],
  [/shorts$|^hips$/, "shorts"],
  [/flank$|^shoulders$|upper arm$/, "kit"],
  [/shank$|thigh$|forearm$|hand$|^neck$|^nose$|^head$/, "skin"],
  [/^(ball|shot|discus|stone)$/, "ball"],
];
/** What a solid is made of on somebody who wears such things. */
function lookOf(name: string, wears: Discipline["wears"]): PieceLook {
  const isLeg = /shank$|thigh$/.test(name);
  if (isLeg && wears === "trousers") return "shorts";
  if (/forearm$/.test(name) && wears === "trousers") return "kit";
  if (/shank$/.test(name) && wears === "socks") return "socks";
  return LOOKS.find(([is]) => is.test(name))?.[1] ?? "tool";
}

type Bodied = Pick<Subject, "id" | "height">;

/** How a subject moves and how tall it stands; nothing for one that has no body in space. */
function bodyMoves(subject: Bodied) {
  const grown = SUBJECTS.find((s) => s.id === grownOf(subject.id));
  return grown && movesOf(subject, grown.height);
}

/** The poses of a subject by name, in the order of its movement, and which is the peak; nothing for one without a body in space. */
export function bodyPoses(
  subject: Bodied,
): { readonly names: readonly string[]; readonly peak: number } | undefined {
  const moves = bodyMoves(subject);
  if (!moves) return undefined;
  const { poses, peak } = DISCIPLINES[moves.discipline];
  return { names: poses.map((p) => p.name), peak };
}

/** Off the ground by no more than a stride, where the spot says that it is on it. */
const STRIDE = 0.12;

/** The outlines in metres of a subject that has a body in space, from the farthest to the nearest; nothing for one that has none. */
export function bodyFigure(
  subject: Bodied,
  { turn, above, phase, heads, aloft, mirrored, sun }: FigureSeen,
): FigurePiece[] | undefined {
  const moves = bodyMoves(subject);
  if (!moves) return undefined;
  const { poses, peak, tools, wears } = DISCIPLINES[moves.discipline];
  const at =
    typeof phase === "number" ? phase : { start: 0, recovery: 0, peak, end: poses.length - 1 }[phase];
  const told = poses[at]!.pose;
  const off = aloft ? 0 : Math.min(told.off ?? 0, STRIDE);
  const body = posedPerson({ ...(mirrored ? mirrorOf(told) : told), off }, tools);
  const view = { turn: heads * turn, above };
  const { solids } = bodySeen(body, view);
  const flesh = body.solids.filter((s) => s.part !== "tool");
  const up = reachAlong(flesh, { x: 0, y: 0, z: 1 });
  const base = aloft ? (up.least + up.most) / 2 : 0;
  const xs = solids.filter((s) => s.part !== "tool").flatMap((s) => s.outline.map(([x]) => x));
  const centre = (Math.min(...xs) + Math.max(...xs)) / 2;
  const place = ([x, y]: readonly [number, number]): readonly [number, number] => [
    (x - centre) * moves.standing,
    (y - base) * moves.standing,
  ];
  const shadow = sun && !aloft ? shadowSeen(body.solids, sun, view) : [];
  return [
    ...shadow.map((outline): FigurePiece => ({ part: "body", look: "shadow", outline: outline.map(place) })),
    ...solids.map(({ name, part, outline, hub }) => ({
      part,
      look: lookOf(name, wears),
      outline: outline.map(place),
      ...(hub && { hub: place(hub) }),
    })),
  ];
}
