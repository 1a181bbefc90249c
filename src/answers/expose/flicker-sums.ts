import type { OutingView } from "@/outing/outing-view";
import { figure, given, type Figure } from "../explain/figure";
import { framesApartOf } from "../explain/flicker-sum";
import { picturedOf } from "../explain/pictured";
import { flicker } from "./flicker";

/** Stops between the brightest and the darkest frame, and the bands of an electronic shutter; nothing while there is no picture. */
export function flickerSums(view: OutingView): { readonly apart?: Figure; readonly bands?: Figure } {
  const answer = flicker(view);
  const of = picturedOf(view);
  if (!answer || !of) return {};
  const { readout } = of.input.rig.body;
  return {
    apart: framesApartOf(of, answer, answer.told ? "measured" : "assumed"),
    ...(answer.flicker.bands &&
      readout !== undefined && {
        bands: figure(answer.flicker.bands.count, "flickerBands.count", {
          mainsHz: given(answer.mainsHz, "Hz", answer.told ? "measured" : "library"),
          readout: given(readout, "s", "kit"),
        }),
      }),
  };
}
