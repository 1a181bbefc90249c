import { shutterSeconds, type Settings } from "../exposure";
import { blurLengthUm, streakLength, USUAL_HANDS } from "../motion";
import { pixelPitchUm } from "../optics";
import type { AssessInput, Assessment } from "./assessment";
import { blurModelOf } from "./motion-found";

/** What the model says of the smear of the body of a subject at settings, and what it rests on. */
export interface SmearExpected {
  readonly technique: AssessInput["shot"]["technique"];
  /** Length in µm on the sensor of the straight smear that blurs as much as everything together. */
  readonly totalUm: number;
  /** The same along the way of what moves: of a pan what its turn misses and the rest, of anything else all of it. */
  readonly alongUm: number;
  /** The same of what is no movement of the subject or of a hand that follows it: shake, focus, diffraction, pixel. µm. */
  readonly restUm: number;
  /** Length in µm of the lines that a pan draws, or would draw. */
  readonly streakUm: number;
  /** µm on the sensor for a metre at the subject. */
  readonly umPerMetre: number;
  /** m/s across the line of sight, before following. */
  readonly transverseSpeed: number;
  /** m/s that no following takes out. */
  readonly bob: number;
  /** Seconds. */
  readonly exposure: number;
  /** µm of a pixel of the sensor. */
  readonly pixelUm: number;
}

/** What the smear of the held part of a shot is at any settings by the model (`blurBudget`), to set a measured one beside it. */
export function smearExpected(input: AssessInput, found: Assessment, settings: Settings): SmearExpected {
  const model = blurModelOf(input, found);
  const exposure = shutterSeconds(settings.shutter);
  const { body } = model;
  const blur = model.softens(settings.aperture);
  const totalUm = blurLengthUm(blur, exposure);
  const restUm = blurLengthUm({ ...blur, motionUmPerSecond: 0 }, exposure);
  const streakUm = streakLength(body.transverseSpeed, exposure) * body.umPerMetre;
  const missed = (input.hands ?? USUAL_HANDS).panSpread * streakUm;
  return {
    technique: input.shot.technique,
    totalUm,
    alongUm: input.shot.technique === "panned" ? Math.hypot(missed, restUm) : totalUm,
    restUm,
    streakUm,
    umPerMetre: body.umPerMetre,
    transverseSpeed: body.transverseSpeed,
    bob: input.subject.bob,
    exposure,
    pixelUm: pixelPitchUm(input.rig.body.format),
  };
}
