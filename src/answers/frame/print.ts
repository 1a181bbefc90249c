import { printFound, type PrintFound } from "@/core/judge";
import { pixelsWanted, shortEdgeMm } from "@/core/optics";
import type { PrintOrder } from "@/core/scene";
import { answered } from "../answered";

/** A sheet for a frame on a wall: 42 cm, 300 pixels per inch, seen from half a metre (common practice). */
const USUAL: PrintOrder = { longEdgeMm: 420, pixelsPerInch: 300, viewingDistance: 0.5 };

/** A print of the shot in hand. */
export interface Print {
  readonly order: PrintOrder;
  /** Width over height of the frame. */
  readonly aspect: number;
  /** Pixels of its long edge. */
  readonly wanted: number;
  readonly found: PrintFound;
  /** Metres to the subject. */
  readonly away: number;
}

/** The print that is ordered of the shot in hand, or a usual one; nothing while there is no picture. */
export const print = answered(
  ({ input, found, shot, frame }) => [input, found, shot.print, frame?.aspect] as const,
  (input, found, ordered, aspect = 1.5): Print | undefined => {
    if (!input || !found) return undefined;
    const order = ordered ?? USUAL;
    const { longEdgeMm } = order;
    const deliverable = {
      kind: "print" as const,
      ...order,
      shortEdgeMm: shortEdgeMm(longEdgeMm, aspect),
    };
    return {
      order,
      aspect,
      wanted: pixelsWanted(deliverable),
      found: printFound(input, found, deliverable),
      away: found.sighting.distance,
    };
  },
);
