import { neutralDensityStops, shutterSeconds } from "../exposure";
import { panDepthBlurUm } from "../motion";
import type { AssessInput, Assessment } from "./assessment";
import { blurModelOf, crossesView } from "./motion-found";

/** One shutter of a pan, from the safe one to the bold. */
export interface PanRung {
  /** Clicks. */
  readonly shutter: number;
  /** Lines of the place behind, as a share 0 … of the delivered frame's width. */
  readonly streakShare: number;
  /** Chance 0 … 1 that a frame holds the subject. */
  readonly chance: number;
  /** What a perfect pan still blurs at the subject's ends, µm on the sensor. */
  readonly endsUm: number;
  /** The same of what is nearer than the plane that the pan follows, half the subject's depth, µm. */
  readonly depthUm: number;
  /** Whole stops of neutral-density filter that the light then needs at base ISO and the narrowest aperture. */
  readonly filterStops: number;
}

/** Clicks from 1/250 to 1/8, a stop apart (common practice). */
const RUNGS = [24, 21, 18, 15, 12, 9];

/**
 * The ladder of a pan: from the shutter at which nearly all come off to the one for which few do. Empty where the shot is not
 * panned or nothing crosses the view.
 */
export function panLadder(input: AssessInput, found: Assessment): PanRung[] {
  if (input.shot.technique !== "panned" || !crossesView(found.motion.body)) return [];
  const model = blurModelOf(input, found);
  const { settings, rails } = found.settings;
  const { frame, distance } = found.sighting;
  const lightEv = found.light.ev - found.settings.lostStops;
  return RUNGS.filter((shutter) => shutter <= rails.shutter.last).map((shutter) => {
    const at = { ...settings, shutter };
    const pan = model.at(at).pan!;
    return {
      shutter,
      streakShare: pan.streakShare,
      chance: model.chance(at).chance,
      endsUm: pan.endsUm,
      depthUm: panDepthBlurUm({
        speed: found.motion.body.transverseSpeed,
        followed: distance,
        part: Math.max(distance / 2, distance - input.subject.depth / 2),
        focalLengthMm: frame.focalLengthMm,
        exposure: shutterSeconds(shutter),
      }),
      filterStops: neutralDensityStops({
        lightEv,
        shutter,
        aperture: rails.aperture.last,
        iso: input.rig.body.baseIso,
      }),
    };
  });
}

/** Chance from which a rung is safe enough to begin on (assumed). */
const SAFE = 0.8;

/** The rung to warm up on: the slowest that keeps four of five; the fastest where none does. */
export const warmUpRung = (rungs: readonly PanRung[]): PanRung | undefined =>
  rungs.findLast((r) => r.chance >= SAFE) ?? rungs[0];
