import { aimOf, bearingTo } from "@/core/ground";
import { likeAgain, lightSide, type LightSide } from "@/core/light";
import { angleBetween } from "@/core/units";
import { daysAfter, localDay } from "@/data";
import type { OutingView } from "@/outing/outing-view";
import { kept } from "@/outing/kept";

/** Days that are looked at in one go. */
export const LOOKED_AHEAD = 60;

const toCamera = ({ position, spot }: Pick<OutingView, "position" | "spot">): number =>
  position ? bearingTo(spot.at, position.at) : spot.facing;

/** The side of the sun now, as seen from the position in hand. */
export const sideNow = (view: OutingView): LightSide =>
  lightSide(angleBetween(view.scene.sun.azimuth, toCamera(view)));

const likeThisKept = kept(
  2,
  (
    outing: OutingView["outing"],
    spot: OutingView["spot"],
    camera: number,
    side: LightSide,
    low: number,
    high: number,
    gone: number,
  ) => {
    const { date, timeZone, ground } = outing;
    const days = Array.from({ length: LOOKED_AHEAD }, (_, i) =>
      localDay({ date: daysAfter(date, gone * LOOKED_AHEAD + i), timeZone }),
    );
    const { anchor: place, obstacles } = ground;
    return likeAgain({
      place,
      point: aimOf(ground, spot),
      obstacles,
      toCamera: camera,
      side,
      altitudes: [low, high],
      days,
    });
  },
);

/** When the sun shines on the spot in hand from a side and between two heights in degrees, `gone` looks ahead of the outing's day. */
export const likeThis = (
  view: OutingView,
  side: LightSide,
  [low, high]: readonly [number, number],
  gone: number,
) => likeThisKept(view.outing, view.spot, toCamera(view), side, low, high, gone);
