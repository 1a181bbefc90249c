import { angleBetween } from "../units";
import { bearingTo } from "../ground";
import { bellowsLoss, nettingStops, paneLoss } from "../optics";
import type { LostLight } from "../exposure";
import type { AssessInput } from "./assessment";
import { meshBetween } from "./mesh-found";
import { sightOf } from "./sight-of";

/** Stops of the light on the subject that never reach the sensor: near focus, netting and glass that one looks through. */
export function lostLight(input: AssessInput, magnification: number): LostLight {
  const netting = meshBetween(input);
  const glass = paneBefore(input);
  return {
    "close-up": bellowsLoss(magnification),
    netting: netting ? nettingStops(netting.mesh) : 0,
    glass: glass?.stops ?? 0,
  };
}

/** The pane that one looks through: its loss, and the degrees off square at which one looks; nothing in the open. */
export function paneBefore(
  input: AssessInput,
): (ReturnType<typeof paneLoss> & { readonly angle: number }) | undefined {
  const { pane } = input.position;
  if (!pane) return undefined;
  const { lens, aim } = sightOf(input);
  const angle = Math.min(90, angleBetween(pane.facing, bearingTo(lens, aim)));
  return { ...paneLoss({ sheets: pane.sheets, angle }), angle };
}
