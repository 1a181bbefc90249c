import { equalExposures, exactSettings, onHalfStops, type Noise, type Settings } from "@/core/exposure";
import { noiseFound, oneClick, type OneClick } from "@/core/judge";
import { answered, ofPicture } from "../answered";

/** A stop apart, so that the list stays short. */
const EVERY = 3;

/** What one click does, what the picture's noise is, and the same exposure otherwise. */
export interface ClickNoiseEqual {
  readonly clicks: readonly OneClick[];
  readonly noise: Noise;
  /** Settings of the same exposure, a stop apart, within what body and owner allow. */
  readonly equal: readonly Settings[];
  /** The nearest on a camera that counts half stops. */
  readonly halves: ReturnType<typeof onHalfStops>;
  readonly exact: ReturnType<typeof exactSettings>;
}

export const clickNoiseEqual = answered(ofPicture, (input, found): ClickNoiseEqual | undefined => {
  if (!input || !found) return undefined;
  const { settings, rails } = found.settings;
  return {
    clicks: oneClick(input, found),
    noise: noiseFound(input, found, settings.iso),
    equal: equalExposures(settings, {
      fastestShutter: rails.shutter.last,
      isoFloor: rails.iso.from,
      isoCeiling: rails.iso.to,
    }).filter((s) => (s.shutter - settings.shutter) % EVERY === 0),
    halves: onHalfStops(settings),
    exact: exactSettings(settings),
  };
});
