import type { OutingView } from "@/outing/outing-view";
import { figure, given, type Figure } from "../explain/figure";
import { picturedOf } from "../explain/pictured";
import { keptOf } from "../explain/place-sums";
import { apertureOf, isoOf, shutterOf } from "../explain/sums";
import { clickNoiseEqual } from "./one-click";
import { evOfSettings } from "@/core/exposure";

/** Stops of light that the kept frame collects less than a whole 36×24; nothing while there is no picture. */
export function belowFullFrameSum(view: OutingView): Figure | undefined {
  const answer = clickNoiseEqual(view);
  const of = picturedOf(view);
  if (!answer || !of) return undefined;
  const { widthMm, heightMm } = of.input.rig.body.format;
  return figure(answer.noise.belowFullFrame, "lightStopsBelowFullFrame", {
    widthMm: given(widthMm, "mm", "kit"),
    heightMm: given(heightMm, "mm", "kit"),
    kept: keptOf(of),
  });
}

/** Stops by which the nearest settings in halves render brighter than those in hand. */
export function halvesSum(view: OutingView): Figure | undefined {
  const answer = clickNoiseEqual(view);
  const of = picturedOf(view);
  if (!answer || !of) return undefined;
  return figure(answer.halves.brighter, "onHalfStops.brighter", {
    shutter: shutterOf(of).of.clicks!,
    aperture: apertureOf(of).of.clicks!,
    iso: isoOf(of).of.clicks!,
  });
}

/** EV at ISO 100 that the settings in hand expose for, told as the additive system tells it. */
export function evOfSettingsSum(view: OutingView): Figure | undefined {
  const of = picturedOf(view);
  if (!of) return undefined;
  const [exposure, fNumber, iso] = [shutterOf(of), apertureOf(of), isoOf(of)];
  const value = evOfSettings({ exposure: exposure.value, fNumber: fNumber.value, iso: iso.value });
  return figure(value, "evOfSettings", { exposure, fNumber, iso });
}
