import type { Obstacle } from "./ground";
import { OBSTACLE_KINDS } from "./obstacle-kinds";

/** Finer than this in metres nothing is made out. */
const FINEST = 0.001;

/** Width in metres of what one makes out of a thing as a background: its own where it is told, else that of its kind; none for what is plain. */
export function detailOf({ kind, look }: Pick<Obstacle, "kind" | "look">): number | undefined {
  const detail = look?.detail ?? OBSTACLE_KINDS[kind].detail;
  return detail >= FINEST ? detail : undefined;
}
