import type { Drawing } from "./drawn";
import type { At } from "./shape";

/** Legs through their joints, hip, knee, hock and foot, that taper from so wide; they move as limbs. */
export const legs = (width: number, ...joints: (readonly At[])[]): NonNullable<Drawing["strokes"]> =>
  joints.map((through) => ({
    through,
    width: through.map((_, i) => width * [1.5, 0.9, 0.62, 0.75][i]!),
    part: "limb" as const,
  }));
