import { boxOutline, isInside } from "@/core/ground";
import { idFromName, type Outing } from "@/data";
import { toCentimetre } from "../rounded";
import { changeThing, putThing } from "./thing";
import type { Edit } from "./edit";

type Zone = Outing["ground"]["zones"][number];

/** Side in metres of a zone that is made about a spot, until its corners are put where the light changes. */
export const NEW_ZONE_SIDE = 8;
/** Clicks that a zone may differ by (its schema). */
const MOST_CLICKS = 12;

const within = (clicks: number): number => Math.max(-MOST_CLICKS, Math.min(MOST_CLICKS, clicks));

/** The drawn zone that holds a spot, if there is one. */
export const drawnZoneAt = ({ ground }: Outing, spotId: string): Zone | undefined => {
  const spot = ground.spots.find((s) => s.id === spotId);
  return spot && ground.zones.findLast((z) => z.outline && isInside(spot.at, z.outline));
};

/**
 * The light at a spot is so many clicks brighter (+) or darker (−) than the rest: the drawn zone that holds the spot is moved
 * by them, or a new one is made about it. Nothing changes for a spot that is not there.
 */
export const shiftLightAt =
  (spotId: string, clicks: number): Edit =>
  (outing) => {
    const { ground } = outing;
    const spot = ground.spots.find((s) => s.id === spotId);
    if (!spot) return outing;
    const there = drawnZoneAt(outing, spotId);
    if (there)
      return changeThing({ sort: "zone", id: there.id }, (zone) => ({
        ...zone,
        offsetClicks: within(zone.offsetClicks + clicks),
      }))(outing);
    const name = `${clicks < 0 ? "Darker" : "Brighter"} at ${spot.name}`.slice(0, 80);
    const side = NEW_ZONE_SIDE;
    return putThing("zone", {
      id: idFromName(name, ground.zones, "zone"),
      name,
      offsetClicks: within(clicks),
      holdsFor: "all",
      outline: boxOutline({
        middle: spot.at,
        length: side,
        width: side,
        bearing: ground.venue.bearing,
      }).map(toCentimetre),
    })(outing);
  };
