import type { OutingView } from "@/outing/outing-view";

/** Clicks of the zone of the spot in hand against the ground at large. */
export const offsetOf = ({ outing, spot }: Pick<OutingView, "outing" | "spot">): number =>
  outing.ground.zones.find((z) => z.id === spot.zoneId)?.offsetClicks ?? 0;

export const hasOtherZones = (view: OutingView): boolean =>
  view.outing.ground.zones.some((z) => z.offsetClicks !== offsetOf(view));
