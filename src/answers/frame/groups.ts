import type { Vector } from "@/core/ground";
import {
  facesInRow,
  groupSharp,
  lensesServe,
  sightOf,
  takeOver,
  type FacesInRow,
  type GroupSharp,
  type LensServes,
  type TakeOver,
} from "@/core/judge";
import { bellowsLoss, distanceForImage, distanceFromMark, lensesFor, markedDistance } from "@/core/optics";
import type { OutingView } from "@/outing/outing-view";
import { answered } from "../answered";

/** From where the other lenses serve, and how near this is. */
export interface Near {
  readonly serves: readonly LensServes[];
  readonly over?: TakeOver;
  /** What the focus ring shows for this distance, metres. */
  readonly marked: number;
  readonly magnification: number;
  /** Stops of light lost by focusing so near. */
  readonly lost: number;
}

/** Which lens serves from where, where the second camera takes over, and the picture as a magnification. */
export const near = answered(
  ({ input, found, bag }) => [input, found, bag] as const,
  (input, found, bag): Near | undefined => {
    if (!input || !found) return undefined;
    const { frame, distance } = found.sighting;
    const second = bag.bodies.find((b) => b.id !== input.rig.body.id) ?? input.rig.body;
    return {
      serves: lensesServe(input, found, lensesFor(input.rig.body, bag.lenses)),
      over: takeOver(input, found, { body: second, lenses: lensesFor(second, bag.lenses) }),
      marked: markedDistance(frame.focalLengthMm, distance),
      magnification: frame.magnification,
      lost: bellowsLoss(frame.magnification),
    };
  },
);

/** Who of a group is sharp, one behind the other by so many metres, and what holds so many faces in that row. */
export const groupOf = (
  { input, found }: OutingView,
  spacing: number,
  faces: number,
): { readonly sharp: GroupSharp; readonly row: FacesInRow } | undefined =>
  input && found
    ? { sharp: groupSharp(found, spacing), row: facesInRow(input, found, faces, spacing) }
    : undefined;

/** Metres from the lens that the focus ring holds where it shows so many. */
export const ringHolds = ({ found }: OutingView, marked: number) =>
  found && distanceFromMark(found.sighting.frame.focalLengthMm, marked);

/** Where the lens stands for a magnification, along the line on which it looks now. */
export interface NearFor {
  /** Metres from lens to subject. */
  readonly distance: number;
  /** Stops lost by focusing so near. */
  readonly lost: number;
  readonly tooNear: boolean;
  readonly lens: Vector;
  readonly aim: Vector;
}

/** The distance at which the focal length in use draws the subject at a magnification above 0. */
export function nearFor({ input, found }: OutingView, magnification: number): NearFor | undefined {
  if (!input || !found) return undefined;
  const { lens, aim } = sightOf(input);
  const distance = distanceForImage(1, 1000 * magnification, found.sighting.frame.focalLengthMm);
  const { closestFocus } = input.rig.lens;
  return { distance, lost: bellowsLoss(magnification), tooNear: distance < closestFocus, lens, aim };
}
