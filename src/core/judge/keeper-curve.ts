import type { KeptVerdict, KeeperChance } from "../motion";
import type { Settings } from "../exposure";
import type { AssessInput, Assessment } from "./assessment";
import { blurModelOf } from "./motion-found";

/** One shutter of the curve. */
export interface KeeperPoint extends KeeperChance {
  /** Clicks. */
  readonly shutter: number;
}

/**
 * How often a frame holds its part, at each shutter of the body from one click to another, the aperture as found; from the slowest.
 * The limit of the settings is one point of it: a still at its limit keeps about half of the frames.
 */
export function keeperCurve(
  input: AssessInput,
  found: Assessment,
  { from, to }: { readonly from: number; readonly to: number },
): KeeperPoint[] {
  const model = blurModelOf(input, found);
  return Array.from({ length: Math.max(0, to - from + 1) }, (_, i) => {
    const settings: Settings = { ...found.settings.settings, shutter: from + i };
    return { shutter: from + i, ...model.chance(settings) };
  });
}

/** What a shutter makes of the held part, the ISO following it as far as the body goes. */
export interface ShutterPreview {
  /** ISO click. */
  readonly iso: number;
  readonly partName: string;
  /** Smear of the held part in pixels of the delivered picture. */
  readonly blurPx: number;
  readonly verdict: KeptVerdict;
  /** Chance 0 … 1 that a frame holds it. */
  readonly chance: number;
}

/** The settings found with another shutter, the ISO following it as far as the body goes. */
export function withShutter(
  { settings: { settings, rails } }: Pick<Assessment, "settings">,
  shutter: number,
): Settings {
  const iso = settings.iso + shutter - settings.shutter;
  return { ...settings, shutter, iso: Math.min(rails.iso.last, Math.max(rails.iso.first, iso)) };
}

/** A shutter in place of the one found, in figures. */
export function previewAt(input: AssessInput, found: Assessment, shutter: number): ShutterPreview {
  const model = blurModelOf(input, found);
  const settings = withShutter(found, shutter);
  const { held, deliveredPixelUm } = model.at(settings);
  return {
    iso: settings.iso,
    partName: held.name,
    blurPx: held.blurUm / deliveredPixelUm,
    verdict: held.verdict,
    chance: held.chance,
  };
}
