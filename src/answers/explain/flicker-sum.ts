import { swingingShare, type Alternating } from "@/core/judge";
import { flickerSwing, swingInStops } from "@/core/motion";
import { figure, given, type Figure, type Given } from "./figure";
import { luxFrom, luxOf } from "./light-sums";
import type { Pictured } from "./pictured";
import { shutterOf } from "./sums";

/** Stops between the brightest and the darkest frame under lamps on alternating current, by what is told or assumed of them. */
export function framesApartOf(of: Pictured, lamps: Alternating, origin: Given["origin"]): Figure {
  const exposure = shutterOf(of);
  const { mainsHz } = lamps;
  const modulation = swingingShare({ modulation: lamps.modulation, ...of.found.light.lux });
  const swing = flickerSwing({ mainsHz, modulation, exposure: exposure.value });
  return figure(swingInStops(swing), "swingInStops", {
    swing: figure(swing, "flickerSwing", {
      mainsHz: given(mainsHz, "Hz", origin),
      modulation: figure(modulation, "swingingShare", {
        modulation: given(lamps.modulation, "", origin),
        lamps: luxFrom("lamps")(of),
        total: luxOf(of),
      }),
      exposure,
    }),
  });
}

/** The same of the lamps that are told of the place; nothing while no flicker is. */
export const toldApartOf = (of: Pictured): Figure | undefined => {
  const told = of.input.scene.lamps?.flicker;
  return told && framesApartOf(of, told, "measured");
};
