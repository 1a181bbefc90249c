import { reasonsOf, type Reason, type ReasonCode, type Reasoned } from "@/core/judge";
import { answered, ofPicture } from "../answered";
import type { Explained } from "./explain";

/** The figure that the numbers of a reason open to; "given" where they were chosen, measured, or stand in the kit. */
const OPENS: Readonly<Record<ReasonCode, Explained | "given">> = {
  "distance-in-space": "distance",
  "bearing-of-sight": "bearing",
  "fill-is-image-over-frame": "fill",
  "focal-length-used": "frameUp",
  "crop-keeps": "keptPx",
  "light-of-sun": "sunLux",
  "light-of-moon": "moonLux",
  "light-of-sky": "skyLux",
  "light-of-ground": "groundLux",
  "light-of-lamps": "lampsLux",
  "light-of-masts": "lampsLux",
  "zone-offset": "given",
  "reading-offsets": "given",
  "ev-from-lux": "ev",
  "exposed-for-sky": "exposedEv",
  "part-speed": "heldSpeed",
  "speed-on-sensor": "imageSpeed",
  "streak-drawn": "streakExposure",
  tolerance: "tolerancePx",
  "slowest-exposure": "slowest",
  "slowest-none": "given",
  "slowest-any": "given",
  "lens-widest": "widest",
  "depth-of-eye": "given",
  "depth-of-face": "depthFNumber",
  "depth-of-plane": "depthFNumber",
  "depth-of-whole": "depthFNumber",
  "depth-of-two-things": "depthFNumber",
  "depth-given-up": "aperture",
  "diffraction-from": "diffraction",
  "close-up-loses": "closeUpLoss",
  "netting-takes": "nettingLoss",
  "glass-takes": "glassLoss",
  "iso-follows": "iso",
  "filter-takes": "filter",
  "ceiling-for-a-face": "given",
  "ceiling-of-body": "given",
};

/** One step of why, and the figure that its numbers open to. */
export interface Step {
  readonly reason: Reason;
  readonly opens?: Explained;
}

/** Why the figures of the picture in hand are what they are; nothing while there is none. */
export const reasons = answered(
  ofPicture,
  (input, found): Readonly<Record<Reasoned, readonly Step[]>> | undefined => {
    if (!input || !found) return undefined;
    const step = (reason: Reason): Step => {
      const opens = OPENS[reason.code];
      return opens === "given" ? { reason } : { reason, opens };
    };
    const { distance, fill, ev, shutter, aperture, iso } = reasonsOf(input, found);
    return {
      distance: distance.map(step),
      fill: fill.map(step),
      ev: ev.map(step),
      shutter: shutter.map(step),
      aperture: aperture.map(step),
      iso: iso.map(step),
    };
  },
);
