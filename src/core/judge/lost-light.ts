import { angleBetween } from "../units";
import {
  bearingTo,
  boxFrom,
  OBSTACLE_KINDS,
  subtract,
  throughThing,
  type Pane,
  type Vector,
} from "../ground";
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

/** A pane of glass that stands on the ground has one sheet. */
const ONE_SHEET = 1;

/** Panes that one looks through: that of the place, and each that stands on the line; bearings in degrees square to them. */
function panesBefore({ position, scene }: AssessInput, lens: Vector, aim: Vector): readonly Pane[] {
  const run = subtract(aim, lens);
  const standing = scene.ground.obstacles.flatMap((o): Pane[] => {
    if (!OBSTACLE_KINDS[o.kind].clear || !("outline" in o)) return [];
    const stretch = throughThing(lens, run, o);
    if (!stretch || stretch.enter >= 1) return [];
    const along = boxFrom(o.outline)?.bearing ?? bearingTo(o.outline[0]!, o.outline[1]!);
    return [{ sheets: ONE_SHEET, facing: along + 90 }];
  });
  return position.pane ? [position.pane, ...standing] : standing;
}

/** The glass that one looks through: its loss, and the degrees off square of the pane looked through most aslant; nothing in the open. */
export function paneBefore(
  input: AssessInput,
): (ReturnType<typeof paneLoss> & { readonly angle: number }) | undefined {
  const { lens, aim } = sightOf(input);
  const panes = panesBefore(input, lens, aim);
  if (panes.length === 0) return undefined;
  const bearing = bearingTo(lens, aim);
  const looked = panes.map(({ sheets, facing }) => {
    const turn = angleBetween(facing, bearing);
    const angle = Math.min(turn, 180 - turn);
    return { ...paneLoss({ sheets, angle }), angle };
  });
  return looked.reduce((a, b) => ({
    surfaces: a.surfaces + b.surfaces,
    passed: a.passed * b.passed,
    stops: a.stops + b.stops,
    angle: Math.max(a.angle, b.angle),
  }));
}
