import { dot } from "./turned";
import type { PosedPerson } from "./person";
import { nearness, outlineOf, reachAlong, waysOf, type Seen2, type SolidPart, type View } from "./solid";

/** A solid as it is seen. */
export interface SolidSeen {
  readonly name: string;
  readonly part: SolidPart;
  /** x to the right, y up from the ground, in shares of the standing height. */
  readonly outline: readonly Seen2[];
  /** Where something swung is held. */
  readonly hub?: Seen2;
}

/** A body as it is seen from somewhere. */
export interface BodySeen {
  /** From the farthest to the nearest, so that what is drawn later hides what is behind it. */
  readonly solids: readonly SolidSeen[];
  /** How much of the face is seen, 0 (from behind) … 1 (face on). */
  readonly faceShare: number;
  /** From its farthest to its nearest point, in shares of the standing height. */
  readonly deep: number;
}

/** What is seen of a body from far away, its outlines from the farthest to the nearest. */
export function bodySeen({ solids, face }: Pick<PosedPerson, "solids" | "face">, view: View): BodySeen {
  const ways = waysOf(view);
  const { least, most } = reachAlong(solids, ways.toward);
  return {
    solids: solids
      .toSorted((a, b) => nearness(a, ways) - nearness(b, ways))
      .map((solid) => ({
        name: solid.name,
        part: solid.part,
        outline: outlineOf(solid, ways),
        ...(solid.hub && { hub: [dot(solid.hub, ways.right), dot(solid.hub, ways.up)] as const }),
      })),
    faceShare: Math.max(0, dot(face, ways.toward)),
    deep: most - least,
  };
}
