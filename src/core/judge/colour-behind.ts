import {
  alongBearing,
  colouredAs,
  OBSTACLE_KINDS,
  surfaceAt,
  type Background,
  type Coloured,
  type ObstacleKind,
  type Surface,
  type Swatch,
  type Tint,
} from "../ground";
import type { Subject } from "../motion";
import type { AssessInput, Assessment } from "./assessment";
import { findLight } from "./light-found";

/** Shares of the light that grounds throw back (assumed, after albedo tables), and the swatch that they are tinted by. */
const SURFACES: Readonly<Record<Surface, readonly [luminance: number, Swatch]>> = {
  grass: [0.14, "leaf"],
  clay: [0.22, "red"],
  sand: [0.35, "straw"],
  snow: [0.85, "snow"],
  ice: [0.7, "snow"],
  water: [0.07, "deep-water"],
  floor: [0.3, "straw"],
  track: [0.18, "red"],
};
/** A plain sky against a white in the same light; inside, what stands behind is a wall. */
const SKY = 0.62;
const WALL = 0.2;
/** Far trees and hills under the air between. */
const SKYLINE: Swatch = "dark-green";
/** How much of its hue a large plain thing keeps: paler than its swatch. */
const PALE = 0.55;
/** Light behind that differs more than this in stops from that on the subject counts as so much brighter or darker, no more. */
const MOST_APART = 3;
/** Metres behind the subject from which nothing that shades it shades what stands there. */
const FAR = 150;

const paler = ({ luminance, tint }: Coloured): Coloured => ({
  luminance,
  tint: tint.map((c) => 1 + (c - 1) * PALE) as unknown as Tint,
});
const times = ({ luminance, tint }: Coloured, factor: number): Coloured => ({
  luminance: luminance * factor,
  tint,
});

/** How brightly what stands behind is lit against the side of the subject that is seen, as factors of ⅛ … 8. */
export interface LightBehind {
  /** Ground, by the light on the level. */
  readonly level: number;
  /** What stands upright, by the light on the side of it that is seen. */
  readonly upright: number;
}

/** Metres before a thing at which its lit side is asked. */
const BEFORE = 0.5;
/** Anything that stands upright, and as much of it as counts. */
const UPRIGHT: Subject = {
  id: "behind",
  name: "behind",
  height: 1.8,
  depth: 0.5,
  bodySpeed: 0,
  bob: 0,
  parts: [],
  known: "common practice",
};

/** A factor brought into what a picture still shows. */
const within = (factor: number): number =>
  2 ** Math.max(-MOST_APART, Math.min(MOST_APART, Math.log2(Math.max(1e-3, factor))));

/**
 * How much brighter than the seen side of the subject things are lit behind it, each by the light on its own plane: level ground by the
 * horizontal lux, what stands upright by the lux on the side of it that the camera sees, in its own shade and its own zone. So
 * dark green before dark green trees differs by nothing, in any light that both have.
 */
export function lightBehind(input: AssessInput, found: Assessment): LightBehind {
  const { scene, position, shot } = input;
  const { light, sighting } = found;
  const spot = scene.ground.spots.find((s) => s.id === shot.spotId)!;
  const { at, beyond, obstacleId } = sighting.background;
  const back = alongBearing(sighting.bearing + 180);
  const place = { x: at.x + BEFORE * back.x, y: at.y + BEFORE * back.y };
  // Far off, and in the open, the light is that of the spot's own surroundings without what shades it.
  const far = sighting.background.kind === "skyline" || sighting.background.kind === "sky" || beyond > FAR;
  // Its own shade is in the side that is seen; what else stands about takes its share of the light.
  const obstacles = far ? [] : scene.ground.obstacles.filter((o) => o.id !== obstacleId);
  const there = findLight({
    scene: { ...scene, ground: { ...scene.ground, obstacles } },
    spot: far ? spot : { ...spot, id: "behind", at: place },
    subject: UPRIGHT,
    position,
    heightAngle: 0,
  });
  const total = Math.max(1e-3, light.lux.total);
  return {
    level: within((scene.daylight.horizontal + light.lux.lamps) / total),
    upright: within(there.lux.total / total),
  };
}

/** A thing that stands there, by the colour told of it or else by its kind, in its own light. */
export function thingColour(
  { id, kind }: { readonly id: string; readonly kind: ObstacleKind },
  { scene }: AssessInput,
  { upright }: LightBehind,
): Coloured {
  const told = scene.ground.obstacles.find((o) => o.id === id)?.look?.colour;
  return times(paler(colouredAs(told ?? OBSTACLE_KINDS[kind].swatch)), upright);
}

/** A ground in its own light. */
export function groundColour(surface: Surface, { level }: LightBehind): Coloured {
  const [luminance, swatch] = SURFACES[surface];
  return { luminance: luminance * level, tint: paler(colouredAs(swatch)).tint };
}

/** The sky, or what closes the picture under a roof. */
export const skyColour = ({ scene }: AssessInput, { level, upright }: LightBehind): Coloured =>
  scene.cover === "open"
    ? { luminance: SKY * Math.max(1, level), tint: paler(colouredAs("sky")).tint }
    : { luminance: WALL * upright, tint: paler(colouredAs("stone")).tint };

/** Far trees in their own light. */
export const skylineColour = ({ upright }: LightBehind): Coloured =>
  times(paler(colouredAs(SKYLINE)), upright);

/** What a background looks like, in its own light, against a perfect white in the light on the subject's seen side. */
export function colourBehind(input: AssessInput, found: Assessment, behind: Background): Coloured {
  const light = lightBehind(input, found);
  switch (behind.kind) {
    case "sky":
      return skyColour(input, light);
    case "skyline":
      return skylineColour(light);
    case "ground":
      return groundColour(surfaceAt(input.scene.ground, behind.at), light);
    case "wall":
      return times(paler(colouredAs("stone")), light.upright);
    default:
      return thingColour({ id: behind.obstacleId ?? "", kind: behind.kind }, input, light);
  }
}
