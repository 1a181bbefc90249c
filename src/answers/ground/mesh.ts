import { lensOf } from "@/core/ground";
import { meshBetween, meshFound, meshLight, type MeshFound } from "@/core/judge";
import { sceneAt } from "@/core/scene";
import { lightPlanOf } from "@/data";
import { answered } from "../answered";

/** Milliseconds between two looks at the sun on the mesh. */
const QUARTER = 15 * 60_000;

/** Sun and shade on the netting before the lens through the outing, by quarters of an hour. */
const courseOf = answered(
  ({ input, outing, window }) => [input?.position, input?.shot, outing, window] as const,
  (position, shot, outing, window) => {
    if (!position || !shot) return [];
    const plan = lightPlanOf(outing);
    const count = Math.ceil((window.until - window.from) / QUARTER);
    const scenes = Array.from({ length: count + 1 }, (_, i) =>
      sceneAt(outing.ground, plan, window.from + i * QUARTER),
    );
    const between = meshBetween({ shot, position, scene: scenes[0]! });
    return between ? meshLight(between, lensOf(outing.ground, position), scenes) : [];
  },
);

type Course = ReturnType<typeof courseOf>;

/** The netting that one looks through. */
export interface Mesh {
  readonly mesh: MeshFound;
  readonly name: string;
  /** When the sun is on it; epoch milliseconds. */
  readonly sunny: readonly { readonly from: number; readonly until: number }[];
  /** The shade of its posts at the minute in hand. */
  readonly shade: Course[number]["shade"];
}

/** The netting before the lens in hand; nothing where there is none. */
export const mesh = answered(
  (view) => [view.input, view.found, view.at, courseOf(view)] as const,
  (input, found, at, course): Mesh | undefined => {
    const there = input && found && meshFound(input, found);
    if (!there) return undefined;
    const name = input.scene.ground.obstacles.find((o) => o.id === there.obstacleId)?.name ?? "The mesh";
    const now = course.findLast((c) => c.at <= at) ?? course[0];
    return { mesh: there, name, sunny: stretchesOf(course), shade: now?.shade };
  },
);

/** The stretches in which the sun is on the mesh. */
function stretchesOf(course: Course): { from: number; until: number }[] {
  const found: { from: number; until: number }[] = [];
  let open: { from: number; until: number } | undefined;
  for (const { at, sunOn } of course) {
    if (!sunOn) open = undefined;
    else if (open) open.until = at;
    else found.push((open = { from: at, until: at }));
  }
  return found;
}
