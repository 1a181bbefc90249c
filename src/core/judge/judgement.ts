import {
  isInside,
  isInsideThing,
  lensOf,
  missOfSlit,
  OPEN_GROUND,
  OBSTACLE_KINDS,
  standsInWater,
  venueTemplate,
  type Obstacle,
  type Point,
} from "../ground";
import { mayStand } from "../guard";
import { shutterNearest, shutterSeconds } from "../exposure";
import type { AssessInput, Assessment, Sighting } from "./assessment";
import type { Judgement, JudgementCode, Matter } from "./judgements";
import type { SeenBehind } from "./background-found";
import { crossesView, drawsLines } from "./motion-found";
import { guardedOf } from "./guarded";
import { sightOf } from "./sight-of";
import { airBetween } from "./air";
import { paneBefore } from "./lost-light";
import { framesApart, UNSEEN } from "./flicker-found";
import { meshFound } from "./mesh-found";
import { sunToFrame } from "./sun-to-frame";

type Found = Pick<Assessment, "sighting" | "light" | "motion" | "settings">;

/** Under this share of the wished fill the crop is no longer the same picture (common practice: half). */
const LEAST_REACH = 0.5;
/** Over so many times the wished fill it is another picture (assumed). */
export const MOST_FILL = 1.35;
/** Under this share of frames a part is not mostly held. */
const LEAST_KEPT = 0.5;

/** What to say of a place: vetoes first, then cautions, then notes. Codes and numbers; `words` makes sentences. */
export function judge(input: AssessInput, found: Found): Judgement[] {
  const said: Judgement[] = [];
  const say: Say = (weight, code, when, matter) => {
    if (when) said.push({ weight, code, ...matter } as Judgement);
  };
  vetoes(say, input, found);
  cautions(say, input, found);
  between(say, input, found);
  notes(say, input, found);
  return said;
}

type Say = <Code extends JudgementCode>(
  weight: Judgement["weight"],
  code: Code,
  when: boolean,
  matter: Matter<Code>,
) => void;
/** For what its code says already. */
const BARE = { numbers: {} };

function vetoes(say: Say, input: AssessInput, { sighting }: Found): void {
  const { position, scene, shot } = input;
  const { blockage, frame } = sighting;
  standing(say, input);
  const lens = lensOf(scene.ground, position);
  const walled = scene.ground.obstacles.some(
    (o) => OBSTACLE_KINDS[o.kind].solid && (isInsideThing(lens, o) || isOnTopOf(o, position.at)),
  );
  say("veto", "inside-obstacle", walled, BARE);
  const miss =
    position.slit && missOfSlit(position.slit, lens, sightOf(input).aim, lens.z - position.lensHeight);
  say("veto", "outside-slit", miss !== undefined, { numbers: miss ?? { aside: 0, above: 0 } });
  if (blockage && !walled) {
    const { at, raise } = blockage;
    say("veto", "blocked", true, { numbers: raise === undefined ? { at } : { at, raise } });
  }
  const { share, head } = sighting.hidden;
  say("caution", "partly-hidden", !blockage && !walled && share > 0, {
    numbers: { share },
    head,
  });
  const { fill } = frame;
  const wants = (frame.focalLengthMm * shot.fill) / fill;
  const shy = (input.dangers ?? []).some((d) => d.kind === "animal" && d.keepOff > 0);
  say("veto", "out-of-reach", frame.kept < LEAST_REACH, { numbers: { fill, wished: shot.fill, wants }, shy });
  say("veto", "does-not-fit", fill > 1, { numbers: { fill, wants } });
  say("caution", "overfilled", fill <= 1 && fill > MOST_FILL * shot.fill, {
    numbers: { fill, wished: shot.fill, wants },
  });
}

/** Whether a place lies on boards, a wall or a netting, on whose top nobody stands. */
const isOnTopOf = (thing: Obstacle, at: Point): boolean =>
  OBSTACLE_KINDS[thing.kind].group === "netting" && "outline" in thing && isInside(at, thing.outline);

/** Whether one may be there at all, by the one guard. */
function standing(say: Say, input: AssessInput): void {
  const { position, scene } = input;
  const may = mayStand(scene.ground, guardedOf(input), position);
  if (may.rule === "yes") return;
  const venue = venueTemplate(scene.ground.venue.template);
  const decides = venue.ok ? { official: venue.value.official } : {};
  say("veto", "off-line", may.rule === "off-line", BARE);
  if (may.rule === "never" && may.area)
    say("veto", "no-standing", true, { ...BARE, area: may.area, ...decides });
  if (may.rule === "by-leave")
    say(may.given ? "caution" : "veto", may.given ? "on-leave" : "needs-leave", true, {
      ...BARE,
      area: may.area,
      ...decides,
    });
  const peril = may.rule === "off-line" ? undefined : may.peril;
  if (peril) {
    const { away, least, code } = peril;
    const never = peril.weight === "never";
    say(never ? "veto" : "caution", never ? "keep-off" : "with-care", true, {
      numbers: { away, least },
      peril: code,
      ...decides,
    });
  }
  say("caution", "in-water", position.way === "in-water" && standsInWater(scene.ground, position.at), BARE);
}

function cautions(say: Say, input: AssessInput, found: Found): void {
  const { light, settings, motion } = found;
  const swing = flickerAt(input, found);
  const { inFrame, aside, above } = sunToFrame(input, found.sighting);
  const { held } = motion;
  const lines = drawsLines(input.shot);
  say("caution", "sun-in-frame", inFrame, { numbers: { aside, above } });
  say("caution", "against-the-sun", !inFrame && light.side === "back", { numbers: { turn: light.turn } });
  say("caution", "own-shadow", light.ownShadow, BARE);
  openings(say, input);
  say("caution", "flicker", swing > UNSEEN, {
    numbers: { stops: swing },
    calm: calmShutter(input, found),
  });
  say("caution", "focus-not-shutter", motion.unmended === "focus" && !lines, {
    numbers: { times: motion.focusBlurUm / held.toleranceUm, speed: Math.abs(motion.body.radialSpeed) },
  });
  say("caution", "no-shutter-holds", motion.unmended === "lens" && !lines, {
    numbers: { tolerance: held.toleranceUm },
  });
  // At its limit a picture keeps about half of its frames: what is slower than that is said.
  say("caution", "motion-not-held", held.chance < LEAST_KEPT && held.blurUm > held.toleranceUm && !lines, {
    numbers: { chance: held.chance },
  });
  say("caution", "light-short", settings.short > 0 || settings.missing > 0, {
    numbers: { short: settings.short, missing: settings.missing },
  });
  say("caution", "light-over", settings.over > 0, { numbers: { over: settings.over } });
  const { lamps, cover, sun, ground } = input.scene;
  const venue = ground.venue.template !== OPEN_GROUND.id;
  say("caution", "lamps-untold", venue && cover === "open" && !lamps && sun.altitude < DARK, BARE);
  say("note", "flicker-untold", cover === "roof" && lamps !== undefined && !lamps.flicker, BARE);
  say("note", "filter-needed", settings.filterStops > 0, {
    numbers: { stops: settings.filterStops },
  });
  say("caution", "nothing-crosses", lines && !crossesView(motion.body), BARE);
}

/** What one looks through from a hide, a car or a room, and whom one stands among. */
function openings(say: Say, input: AssessInput): void {
  const { position, scene } = input;
  const pane = paneBefore(input);
  say("caution", "through-glass", pane !== undefined, {
    numbers: { angle: pane?.angle ?? 0, stops: pane?.stops ?? 0, surfaces: pane?.surfaces ?? 0 },
  });
  const cheers = scene.ground.areas.some((a) => a.kind === "cheer-side" && isInside(position.at, a.outline));
  say("caution", "cheer-side", cheers, BARE);
}

/** What stands in the air, and netting that one looks through. */
function between(say: Say, input: AssessInput, found: Found): void {
  const { scene, subject } = input;
  const { lens, aim } = sightOf(input);
  const away = found.sighting.distance;
  const air = airBetween({
    distance: away,
    lowest: Math.min(lens.z, aim.z),
    directNormal: scene.cover === "open" ? scene.daylight.directNormal : 0,
    sunAltitude: scene.sun.apparentAltitude,
    surface: found.light.surface,
    speed: subject.bodySpeed,
  });
  say("note", "shimmer", air.includes("shimmer"), { numbers: { distance: away } });
  say("note", "haze", air.includes("haze"), { numbers: { distance: away } });
  say("note", "dust", air.includes("dust"), { numbers: { distance: away } });
  const mesh = meshFound(input, found);
  say(mesh?.structure === "seen" ? "caution" : "note", "through-mesh", mesh !== undefined, {
    numbers: {
      loss: 100 * (mesh?.localLoss ?? 0),
      veil: mesh && mesh.veil !== "structured" ? 100 * mesh.veil : 0,
      away: mesh?.away ?? 0,
    },
    structure: mesh?.structure ?? "gone",
  });
}

/** Height of the sun in degrees below which nobody plays without lamps: the end of civil twilight. */
const DARK = -6;

/** The shutter of one whole period of the lamps, where it still holds the picture; clicks. */
function calmShutter({ scene }: AssessInput, { settings }: Found): number | undefined {
  const mainsHz = scene.lamps?.flicker?.mainsHz;
  if (mainsHz === undefined) return undefined;
  const click = shutterNearest(1 / (2 * mainsHz));
  return click >= settings.rails.shutter.from ? click : undefined;
}

/** Stops between the darkest and the brightest frame of a series under the lamps that are told; none while no flicker is. */
function flickerAt({ scene }: AssessInput, { light, settings }: Found): number {
  const flicker = scene.lamps?.flicker;
  return flicker ? framesApart(flicker, light, shutterSeconds(settings.settings.shutter)) : 0;
}

function notes(say: Say, { shot }: AssessInput, { sighting }: Found): void {
  const { frame, faceTurn, face } = sighting;
  const busiest = busiestOf(sighting);
  say("note", "pixels-short", frame.keptLongEdgePx < shot.deliveredLongEdgePx, {
    numbers: { px: frame.keptLongEdgePx, wanted: shot.deliveredLongEdgePx },
  });
  say("note", "seen-from-behind", face === "away", { numbers: { turn: faceTurn } });
  if (!busiest) return;
  const { smoothness, softness, beyond, kind } = busiest;
  say("note", "background-busy", softness === "busy", {
    numbers: { smoothness, beyond },
    behind: kind,
  });
}

/**
 * The busiest of what stands behind over the whole frame; absent where all of it is plain. The ground counts only behind the middle:
 * elsewhere it runs up to the subject's own feet, where it is sharp with it.
 */
export function busiestOf({
  background,
  around,
}: Pick<Sighting, "background" | "around">): (SeenBehind & { readonly smoothness: number }) | undefined {
  let busiest: ReturnType<typeof busiestOf>;
  const look = (behind: SeenBehind): void => {
    const { smoothness } = behind;
    if (smoothness !== "plain" && smoothness < (busiest?.smoothness ?? Infinity))
      busiest = { ...behind, smoothness };
  };
  look(background);
  around.forEach(look);
  return busiest;
}
