import { lampLuxOf } from "@/core/light";
import { answered } from "../answered";

/** Lux of the ground's lamps on the ground by their class or their own figure; nothing where there are none. */
export const lampLux = answered(
  ({ outing }) => [outing.light.lamps] as const,
  (lamps): number | undefined => (lamps ? lampLuxOf(lamps) : undefined),
);
