import { zoneOffsetsFrom, type ZoneFinding } from "@/core/review";
import { answered } from "../answered";

/** What the readings of an outing say of its light zones. */
export interface ZoneFound extends ZoneFinding {
  readonly name: string;
  /** Clicks that were planned with. */
  readonly planned: number;
}

/** Zones whose readings say another offset than was planned, against the first zone of the ground. */
export const zonesFound = answered(
  ({ outing }) => [outing.light.readings, outing.ground.zones] as const,
  (readings, zones): readonly ZoneFound[] =>
    zoneOffsetsFrom(readings, zones, zones[0]?.id ?? "").flatMap((found) => {
      const zone = zones.find((z) => z.id === found.zoneId)!;
      if (found.offsetClicks === zone.offsetClicks) return [];
      return [{ ...found, name: zone.name, planned: zone.offsetClicks }];
    }),
);
