import {
  covarianceOf,
  imageVelocityOnPath,
  panPicture,
  principalAxes,
  smearOnPath,
  USUAL_HANDS,
  type Camera,
  type PanPicture,
} from "../motion";
import { imageDistanceMm, heldSidesMm } from "../optics";
import { shutterSeconds } from "../exposure";
import type { AssessInput, Assessment } from "./assessment";
import { sightOf } from "./sight-of";
import type { Sweep } from "./sweep";

/** What a camera held still would make of a subject that passes, and what following it leaves. */
export interface PanLeft {
  /** Length in µm on the sensor by which it would smear with the camera still, and how fast its image runs in mm/s. */
  readonly stillUm: number;
  /** mm/s on the sensor. */
  readonly stillSpeed: number;
  /** What the usual miss of the turn and the subject's own bob leave, as the smear along its worst axis in µm. */
  readonly worstUm: number;
  /** The same across that axis, µm. */
  readonly bestUm: number;
  /** Direction in degrees 0 … 180 of the worst axis, 0 along the picture's width. */
  readonly direction: number;
  /** The same pan where the way passes nearest. */
  readonly atNearest: PanPicture;
}

/** The pan at the settings found; undefined where the way lies behind the camera. */
export function panLeft(input: AssessInput, found: Assessment, sweep: Sweep): PanLeft | undefined {
  const { lens, aim } = sightOf(input);
  const { frame, distance } = found.sighting;
  const { body, held } = found.motion;
  const exposure = shutterSeconds(found.settings.settings.shutter);
  const camera: Camera = {
    lens,
    aim,
    imageDistanceMm: imageDistanceMm(frame.focalLengthMm, distance),
  };
  const smear = smearOnPath(camera, sweep.path, 0, exposure);
  const speed = imageVelocityOnPath(camera, sweep.path, 0);
  if (!smear.ok || !speed.ok) return undefined;
  const spread = (input.hands ?? USUAL_HANDS).panSpread;
  const streakUm = body.transverseSpeed * body.umPerMetre * exposure;
  const left = principalAxes(
    covarianceOf([
      { lengthUm: Math.sqrt(12) * spread * streakUm, direction: body.direction },
      { lengthUm: input.subject.bob * body.umPerMetre * exposure, direction: 90 },
    ]),
  );
  return {
    stillUm: 1000 * smear.value,
    stillSpeed: Math.hypot(speed.value.x, speed.value.y),
    ...left,
    atNearest: panPicture({
      nearest: sweep.nearest,
      speed: input.subject.bodySpeed,
      focalLengthMm: frame.focalLengthMm,
      exposure,
      frameMm: heldSidesMm(input.rig.body.format, input.shot.orientation).across * frame.kept,
      length: input.subject.length ?? input.subject.depth,
      spread,
      toleranceUm: held.toleranceUm,
    }),
  };
}
