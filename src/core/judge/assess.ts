import { absent } from "../units";
import { distance } from "../ground";
import { effectiveLens } from "../optics";
import type { AssessInput, Assessment, NoPicture } from "./assessment";
import { judge } from "./judgement";
import { findLight } from "./light-found";
import { scoreOf } from "./score";
import { findMotion } from "./motion-found";
import { findSettings } from "./settings-found";
import { apertureFNumber } from "../exposure";
import { sightOf } from "./sight-of";
import { findSighting, withFocus } from "./sighting";

/**
 * The line of the product, walked once in one direction: where the subject stands to the camera, what light falls on
 * it there, how fast its picture moves, which settings follow, and what to say of the place. Nothing here reads a
 * clock or keeps a state; the same input gives the same answer. Throws when the shot names a spot that the ground
 * does not have.
 */
export function assess(input: AssessInput): Assessment | NoPicture {
  const { shot, position, rig, scene } = input;
  const { spot, lens, aim } = sightOf(input);

  const away = distance(lens, aim);
  const { closestFocus, maxFocalLengthMm } = effectiveLens(rig);
  const nearest = Math.max(closestFocus, (2 * maxFocalLengthMm) / 1000);
  if (away < nearest) return absent("nearer-than-focus", { distance: away, closest: nearest });

  const sight = findSighting(input, spot, lens, aim);
  const light = findLight({
    scene,
    spot,
    subject: input.subject,
    position,
    heightAngle: sight.heightAngle,
  });
  const blur = findMotion(input, spot, { lens, aim }, sight);
  const settings = findSettings(input, sight, light, blur);
  const motion = blur.at(settings.settings);
  const sighting = withFocus(input, sight, apertureFNumber(settings.settings.aperture), motion);
  const found = { sighting, light, motion, settings };
  const judgement = judge(input, found);
  return {
    ok: true,
    version: 2,
    ids: { shot: shot.id, position: position.id },
    at: scene.at,
    sighting,
    light,
    motion,
    settings,
    judgement,
    score: scoreOf(input, found, judgement),
  };
}
