import { aimOf, lensOf, type Vector } from "@/core/ground";
import { sunAhead } from "@/core/judge";
import { moonAt, moonDay, shadeOverDay, sunDay, type ShadeStretch, type SunEventCode } from "@/core/light";
import { localDay } from "@/data";
import { kept } from "@/outing/kept";
import type { OutingView } from "@/outing/outing-view";

type Outing = OutingView["outing"];
type Day = ReturnType<typeof localDay>;

/** A day of an outing's place from midnight to midnight, epoch milliseconds, and how far it lies from the outing's own. */
export const dayOf = kept(
  4,
  (outing: Outing, date: string): { readonly day: Day; readonly shift: number } => {
    const day = localDay({ date, timeZone: outing.timeZone });
    return { day, shift: day.from - localDay(outing).from };
  },
);

/** Sun and shade at a point over a day. */
export const shadeOn = (outing: Outing, point: Vector, date: string): readonly ShadeStretch[] =>
  shadeKept(outing.ground, point.x, point.y, point.z, dayOf(outing, date).day);
const shadeKept = kept(4, (ground: Outing["ground"], x: number, y: number, z: number, day: Day) =>
  shadeOverDay({ point: { x, y, z }, place: ground.anchor, obstacles: ground.obstacles, ...day }),
);

/** When the sun shines into the lens, looking from the position in hand at the spot, over a day. */
export const sunInEyes = ({ outing, position, spot }: OutingView, date: string) =>
  position ? eyesKept(outing, position, spot, date) : [];
const eyesKept = kept(
  2,
  (outing: Outing, position: NonNullable<OutingView["position"]>, spot: OutingView["spot"], date: string) =>
    sunAhead({
      lens: lensOf(outing.ground, position),
      aim: aimOf(outing.ground, spot),
      place: outing.ground.anchor,
      obstacles: outing.ground.obstacles,
      ...dayOf(outing, date).day,
    }),
);

/** What sun and moon do on a day. */
export interface SkyDay {
  readonly events: readonly { readonly at: number; readonly code: SunEventCode | "moonrise" | "moonset" }[];
  /** Share 0 … 1 of the moon that is lit at the day's middle. */
  readonly moonLit: number;
}

/** Sun and moon over a day of the outing's place, in their order. */
export const skyDay = kept(2, (outing: Outing, date: string): SkyDay => {
  const { day } = dayOf(outing, date);
  const place = outing.ground.anchor;
  const moon = moonDay({ place, ...day });
  return {
    events: [
      ...sunDay({ place, ...day }).events,
      ...moon.rises.map((at) => ({ at, code: "moonrise" as const })),
      ...moon.sets.map((at) => ({ at, code: "moonset" as const })),
    ].toSorted((a, b) => a.at - b.at),
    moonLit: moonAt((day.from + day.until) / 2, place).litShare,
  };
});
