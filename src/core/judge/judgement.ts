import { angleBetween } from "../units";
import { isInside, surfaceAt, type Ground } from "../ground";
import { angleOfViewAt, heldSidesMm } from "../optics";
import { flickerStops } from "../motion";
import { shutterSeconds } from "../exposure";
import type { AssessInput, Assessment, Judgement, JudgementCode, Sighting } from "./assessment";
import { crossesView, drawsLines } from "./motion-found";

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
  const said: Judgement[] = [];
  const say: Say = (weight, code, when, numbers) => {
    if (when) said.push({ weight, code, numbers });
  };
  vetoes(say, input, found);
  cautions(say, input, found);
  notes(say, input, found);
  return said;
}

type Say = (
  weight: Judgement["weight"],
  code: JudgementCode,
  when: boolean,
  numbers: Record<string, number>,
) => void;

function vetoes(say: Say, { position, scene, shot }: AssessInput, { sighting }: Found): void {
  const { blockage, frame } = sighting;
  const { noGo, obstacles } = scene.ground;
  const inside = (o: { outline: Ground["noGo"][number]["outline"] }): boolean =>
    isInside(position.at, o.outline);
  const walled = obstacles.some((o) => position.lensHeight < o.height && inside(o));
  say("veto", "in-no-go", noGo.some(inside), {});
  say("veto", "on-water", surfaceAt({ areas: scene.ground.areas }, position.at) === "water", {});
  say("veto", "inside-obstacle", walled, {});
  say("veto", "blocked", blockage !== undefined && !walled, {
    at: blockage?.at ?? 0,
    short: blockage?.short ?? 0,
  });
  say("veto", "out-of-reach", frame.kept < LEAST_REACH, { fill: frame.fill, wished: shot.fill });
  say("veto", "does-not-fit", frame.fill > 1, { fill: frame.fill });
}

function cautions(say: Say, input: AssessInput, found: Found): void {
  const { light, settings, motion } = found;
  const swing = flickerAt(input, found);
  const { numbers, inFrame } = sunToFrame(input, found);
  const { held } = motion;
  const lines = drawsLines(input.shot);
  say("caution", "sun-in-frame", inFrame, numbers);
  say("caution", "against-the-sun", !inFrame && light.side === "back", { turn: light.turn });
  say("caution", "own-shadow", light.ownShadow, {});
  say("caution", "no-shutter-holds", held.slowest === "none" && !lines, {
    tolerance: held.toleranceUm,
  });
  say("caution", "motion-not-held", held.verdict !== "held" && !lines, {
    times: held.blurUm / held.toleranceUm,
  });
  say("caution", "light-short", settings.off > 0 || settings.missing > 0, {
    missing: settings.missing / 3,
    off: Math.max(0, settings.off) / 3,
  });
  say("caution", "light-over", settings.off < 0, { off: -settings.off / 3 });
  say("caution", "flicker", swing > FLICKER_SHOWS, { stops: swing });
  say("note", "filter-needed", settings.filterStops > 0, { stops: settings.filterStops });
  say("caution", "nothing-crosses", lines && !crossesView(motion.body), {});
}

/** Stops between frames from which flicker shows (assumed: a click). */
const FLICKER_SHOWS = 1 / 3;

/** Stops between the darkest and the brightest frame of a series under lamps that flicker, by the lamps' share of the light. */
function flickerAt({ scene }: AssessInput, { light, settings }: Found): number {
  const flicker = scene.lamps?.flicker;
  if (!flicker || light.lux.lamps === 0) return 0;
  const modulation = (flicker.modulation * light.lux.lamps) / light.lux.total;
  const { darkest, brightest } = flickerStops({
    mainsHz: flicker.mainsHz,
    modulation,
    exposure: shutterSeconds(settings.settings.shutter),
  });
  return brightest - darkest;
}

function notes(say: Say, { shot }: AssessInput, { sighting }: Found): void {
  const { frame, faceTurn } = sighting;
  const background = busiestOf(sighting);
  say("note", "pixels-short", frame.keptLongEdgePx < shot.deliveredLongEdgePx, {
    px: frame.keptLongEdgePx,
    wanted: shot.deliveredLongEdgePx,
  });
  say("note", "seen-from-behind", faceTurn > FACE_LOST, { turn: faceTurn });
  say("note", "background-busy", background !== undefined && background.smoothness < BUSY_BELOW, {
    smoothness: background?.smoothness ?? 0,
    beyond: background?.beyond ?? 0,
  });
}

/** The busiest of what stands behind the frame's middle and corners; ground and skyline have nothing to be busy with. */
export function busiestOf({ background, corners }: Sighting): Sighting["background"] | undefined {
  let busiest: Sighting["background"] | undefined;
  for (const b of [background, ...corners])
    if (b.kind !== "ground" && b.kind !== "skyline" && b.smoothness < (busiest?.smoothness ?? Infinity))
      busiest = b;
  return busiest;
}

/** Whether the sun stands in the frame or within 5° of its edge: never to be looked at through an optical finder. */
export function sunToFrame({ rig, shot }: AssessInput, { sighting, light }: Found) {
  const sides = heldSidesMm(rig.body.format, shot.orientation);
  const { focalLengthMm } = sighting.frame;
  const view = (sideMm: number) =>
    angleOfViewAt(focalLengthMm, sideMm, sighting.distance.value) / 2 + GLARE_MARGIN;
  const aside = angleBetween(sighting.bearing, light.sun.azimuth);
  const above = Math.abs(light.sun.apparentAltitude - sighting.heightAngle);
  const inFrame = light.direct !== "sun-down" && aside < view(sides.across) && above < view(sides.up);
  return { inFrame, numbers: { aside, above } };
}
