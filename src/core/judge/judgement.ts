import { angleBetween } from "../units";
import { isInside } from "../ground";
import { angleOfViewAt, heldSidesMm } from "../optics";
import type { AssessInput, Assessment, Judgement, JudgementCode } from "./assessment";

type Found = Pick<Assessment, "sighting" | "light" | "motion" | "settings">;

/** Degrees about the frame's edge inside which the sun still glares. */
const GLARE_MARGIN = 5;
/** Under this share of the wished fill the crop is no longer the same picture (common practice: half). */
const LEAST_REACH = 0.5;
/** Past this turn no face is seen. */
const FACE_LOST = 110;
const BUSY_BELOW = 1;

/** What to say of a place: vetoes first, then cautions, then notes. Codes and numbers; `words` makes sentences. */
export function judge(input: AssessInput, found: Found): Judgement[] {
  return [...vetoes(input, found), ...cautions(input, found), ...notes(input, found)];
}

const say = (
  weight: Judgement["weight"],
  code: JudgementCode,
  when: boolean,
  numbers: Record<string, number>,
): Judgement[] => (when ? [{ weight, code, numbers }] : []);

function vetoes({ position, scene, shot }: AssessInput, { sighting }: Found): Judgement[] {
  const { blockage, frame } = sighting;
  const noGo = scene.ground.noGo.some((zone) => isInside(position.at, zone.outline));
  return [
    ...say("veto", "in-no-go", noGo, {}),
    ...say("veto", "blocked", blockage !== undefined, { at: blockage?.at ?? 0, short: blockage?.short ?? 0 }),
    ...say("veto", "out-of-reach", frame.kept < LEAST_REACH, { fill: frame.fill, wished: shot.fill }),
    ...say("veto", "does-not-fit", frame.fill > 1, { fill: frame.fill }),
  ];
}

function cautions(input: AssessInput, found: Found): Judgement[] {
  const { light, settings, motion } = found;
  const { numbers, inFrame } = sunToFrame(input, found);
  const { held } = motion;
  return [
    ...say("caution", "sun-in-frame", inFrame, numbers),
    ...say("caution", "against-the-sun", !inFrame && light.side === "back", { turn: light.turn }),
    ...say("caution", "no-shutter-holds", held.slowest === "none", { tolerance: held.toleranceUm }),
    ...say("caution", "motion-not-held", held.verdict !== "held", { times: held.blurUm / held.toleranceUm }),
    ...say("caution", "light-short", settings.off > 0 || settings.missing > 0, {
      missing: settings.missing / 3,
      off: Math.max(0, settings.off) / 3,
    }),
    ...say("caution", "light-over", settings.off < 0, { off: -settings.off / 3 }),
  ];
}

function notes({ shot }: AssessInput, { sighting }: Found): Judgement[] {
  const { background, frame, faceTurn } = sighting;
  return [
    ...say("note", "pixels-short", frame.keptLongEdgePx < shot.deliveredLongEdgePx, {
      px: frame.keptLongEdgePx,
      wanted: shot.deliveredLongEdgePx,
    }),
    ...say("note", "seen-from-behind", faceTurn > FACE_LOST, { turn: faceTurn }),
    ...say("note", "background-busy", background.kind !== "ground" && background.smoothness < BUSY_BELOW, {
      smoothness: background.smoothness,
      beyond: background.beyond,
    }),
  ];
}

/** Whether the sun stands in the frame or within 5° of its edge: never to be looked at through an optical finder. */
function sunToFrame({ rig, shot }: AssessInput, { sighting, light }: Found) {
  const sides = heldSidesMm(rig.body.format, shot.orientation);
  const { focalLengthMm } = sighting.frame;
  const view = (sideMm: number) =>
    angleOfViewAt(focalLengthMm, sideMm, sighting.distance.value) / 2 + GLARE_MARGIN;
  const aside = angleBetween(sighting.bearing, light.sun.azimuth);
  const above = Math.abs(light.sun.apparentAltitude - sighting.heightAngle);
  const inFrame = light.direct !== "sun-down" && aside < view(sides.across) && above < view(sides.up);
  return { inFrame, numbers: { aside, above } };
}
