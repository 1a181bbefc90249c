import {
  nearness,
  outlineOf,
  reachAlong,
  waysOf,
  type Seen2,
  type Solid,
  type SolidPart,
  type View,
  type Ways,
} from "./solid";
import { isInside } from "../ground";
import { faceShareOf, type Posed } from "./figure";
import { add, dot, unit, type Vec } from "./turned";

/** A place as it is seen, in shares of the measure: to the right, up, toward the camera. */
export type Seen3 = readonly [right: number, up: number, toward: number];

/** A solid as it is seen. */
export interface SolidSeen {
  /** The same for the same piece of a figure in any pose. */
  readonly id: string;
  readonly name: string;
  readonly part: SolidPart;
  /** x to the right, y up from the ground, in shares of the measure. */
  readonly outline: readonly Seen2[];
  /** Where something swung is held. */
  readonly hub?: Seen2;
  readonly made?: Solid["made"];
  /** Its two balls, where it is round. */
  readonly round?: { readonly from: Seen3; readonly to: Seen3; readonly radii: readonly [number, number] };
  /** The way it looks, where it is flat, toward the camera, and a place of it. */
  readonly flat?: { readonly looks: Seen3; readonly through: Seen3 };
}

/** A body as it is seen from somewhere. */
export interface BodySeen {
  /** From the farthest to the nearest, so that what is drawn later hides what is behind it. */
  readonly solids: readonly SolidSeen[];
  /** How much of the face is seen, 0 (from behind) … 1 (face on). */
  readonly faceShare: number;
  /** Its eyes, each with what of it lies before it: its head where it is turned away, a wing or an arm else; none where it is seen. */
  readonly eyes: readonly { readonly hiddenBy?: string }[];
  /** From its farthest to its nearest point, in shares of the measure. */
  readonly deep: number;
  /** How near the middle of each solid is. */
  readonly toward: readonly SolidNear[];
}

/** A solid by name, and how near the camera it is. */
export interface SolidNear {
  readonly name: string;
  /** Its middle toward the camera, in shares of the measure, from an origin that all solids of a body share. */
  readonly toward: number;
}

const seen3 = (at: Vec, { right, up, toward }: Ways): Seen3 => [dot(at, right), dot(at, up), dot(at, toward)];

/** How far off its plane a corner of something flat may lie, in radii of its corners. */
const FLAT = 3;

/**
 * The way that a solid of more than two balls looks, the side of it that the camera sees, and a place through which it is seen; nothing for one
 * that is round. What fills a space, a hull or a cabin, is seen as a face toward the camera at its middle.
 */
function flatOf({ from, to, further, ring, toRadius }: Solid, ways: Ways): SolidSeen["flat"] {
  const third = further?.[0];
  if (!ring && !third) return undefined;
  const square = unit(ring ? ring.axle : crossed(add(to, from, -1), add(third!, from, -1)));
  const isFlat = (further ?? []).every((at) => Math.abs(dot(add(at, from, -1), square)) <= FLAT * toRadius);
  if (!isFlat) {
    const corners = [from, to, ...(further ?? [])].map((at) => seen3(at, ways));
    const mean = (axis: 0 | 1 | 2): number => corners.reduce((sum, c) => sum + c[axis], 0) / corners.length;
    return { looks: [0, 0, 1], through: [mean(0), mean(1), mean(2)] };
  }
  const [x, y, z] = seen3(square, ways);
  return { looks: z < 0 ? [-x, -y, -z] : [x, y, z], through: seen3(from, ways) };
}

const crossed = (a: Vec, b: Vec): Vec => ({
  x: a.y * b.z - a.z * b.y,
  y: a.z * b.x - a.x * b.z,
  z: a.x * b.y - a.y * b.x,
});

/** How bodies look from one side. */
export function viewOf(view: View): {
  readonly ways: Ways;
  readonly seen: (solids: readonly Solid[]) => SolidSeen[];
} {
  const ways = waysOf(view);
  const seen = (solids: readonly Solid[]): SolidSeen[] => {
    const counted = new Map<string, number>();
    return solids
      .map((solid) => {
        const count = counted.get(solid.name) ?? 0;
        counted.set(solid.name, count + 1);
        return { solid, id: `${solid.name} ${count}`, near: nearness(solid, ways) };
      })
      .sort((a, b) => a.near - b.near)
      .map(({ solid, id }): SolidSeen => {
        const { name, part, made, hub, from, to, fromRadius, toRadius } = solid;
        const flat = flatOf(solid, ways);
        return {
          id,
          name,
          part,
          outline: outlineOf(solid, ways),
          ...(made && { made }),
          ...(hub && { hub: [dot(hub, ways.right), dot(hub, ways.up)] as const }),
          ...(flat
            ? { flat }
            : {
                round: {
                  from: seen3(from, ways),
                  to: seen3(to, ways),
                  radii: [fromRadius, toRadius] as const,
                },
              }),
        };
      });
  };
  return { ways, seen };
}

const EYE = /eye$/;

/** The eyes of a body as they are seen, what lies nearer being drawn later. */
const eyesOf = (solids: readonly SolidSeen[]): BodySeen["eyes"] =>
  solids.flatMap(({ name, outline }, i) => {
    if (!EYE.test(name)) return [];
    const [x, y] = middleOf(outline);
    const before = solids
      .slice(i + 1)
      .find((s) => !EYE.test(s.name) && isInside({ x, y }, corners(s.outline)));
    return [before ? { hiddenBy: before.name } : {}];
  });

const corners = (outline: readonly Seen2[]) => outline.map(([x, y]) => ({ x, y }));
/** The mean of an outline's corners, in its measure. */
export const middleOf = (outline: readonly Seen2[]): Seen2 => [
  outline.reduce((sum, [x]) => sum + x, 0) / outline.length,
  outline.reduce((sum, [, y]) => sum + y, 0) / outline.length,
];

/** What is seen of a body from far away, its outlines from the farthest to the nearest. */
export function bodySeen(posed: Posed, view: View): BodySeen {
  const { ways, seen } = viewOf(view);
  const { least, most } = reachAlong(posed.solids, ways.toward);
  const solids = seen(posed.solids);
  return {
    solids,
    eyes: eyesOf(solids),
    faceShare: faceShareOf(posed, ways.toward),
    deep: most - least,
    toward: posed.solids.map(({ name, from, to }) => ({
      name,
      toward: (dot(from, ways.toward) + dot(to, ways.toward)) / 2,
    })),
  };
}
