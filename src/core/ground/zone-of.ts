import type { Area, Ground, Spot } from "./ground";
import { isInside } from "./polygon";
import type { Point } from "./vector";

/** The light zone of a spot: the last one whose outline holds it, else the one that the spot names. */
export const zoneIdOf = (
  { zones }: Pick<Ground, "zones">,
  { at, zoneId }: Pick<Spot, "at" | "zoneId">,
): string => zones.findLast((zone) => zone.outline && isInside(at, zone.outline))?.id ?? zoneId;

/** The canopy over a place, if there is one. */
export const canopyAt = ({ areas }: Pick<Ground, "areas">, at: Point): Area | undefined =>
  areas.findLast((area) => area.kind === "canopy" && isInside(at, area.outline));
