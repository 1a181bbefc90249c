import { cropFactor, effectiveLens, frameSubject, lensesFor, widestAt, type Kit, type Rig } from "../optics";
import type { AssessInput } from "./assessment";
import { partSizeOf } from "./sighting";

export interface RigWish extends Pick<AssessInput, "shot" | "subject"> {
  readonly kit: Pick<Kit, "bodies" | "lenses" | "converters" | "supports">;
  /** Metres to the subject, and the angle in degrees between the way it faces and the camera. */
  readonly away: number;
  /** Degrees between the way it faces and the camera, 0 … 180. */
  readonly faceTurn: number;
}

/** Reach within this share of another's is the same: such a crop costs a quarter of a stop, a converter a whole one. */
const SAME_REACH = 0.15;

/**
 * Body, lens and converter that serve a shot best from a distance: first reach (how little has to be cropped, and that it
 * fits at all), then light (the widest aperture over the sensor's size). The first support goes with it. A kit has at least
 * one body, lens and support; where none focuses so near, the one that comes nearest.
 */
export function bestRig({ kit, shot, subject, away, faceTurn }: RigWish): Rig {
  const support = kit.supports[0]!;
  const partSize = partSizeOf({ shot, subject }, faceTurn);
  let best: { rig: Rig; reach: number; light: number } | undefined;
  for (const body of kit.bodies)
    for (const lens of lensesFor(body, kit.lenses))
      for (const converter of [undefined, ...(lens.takesConverter ? kit.converters : [])]) {
        const rig: Rig = converter ? { body, lens, converter, support } : { body, lens, support };
        const optic = effectiveLens(rig);
        const focuses = away >= Math.max(optic.closestFocus, (2 * optic.maxFocalLengthMm) / 1000);
        const frame = frameSubject({
          format: body.format,
          orientation: shot.orientation,
          along: shot.along ?? "height",
          fill: shot.fill,
          partSize,
          subjectDistance: Math.max(away, (2.1 * optic.maxFocalLengthMm) / 1000),
          minFocalLengthMm: optic.minFocalLengthMm,
          maxFocalLengthMm: optic.maxFocalLengthMm,
        });
        const fits = frame.fill <= 1 ? frame.kept : 1 / (1 + frame.fill);
        const reach = focuses ? fits : fits / 100 - optic.closestFocus;
        const light = -widestAt(optic, frame.focalLengthMm) * cropFactor(body.format);
        const further = !best || reach > best.reach + SAME_REACH;
        const brighter = best && Math.abs(reach - best.reach) <= SAME_REACH && light > best.light;
        if (further || brighter) best = { rig, reach, light };
      }
  return best!.rig;
}
