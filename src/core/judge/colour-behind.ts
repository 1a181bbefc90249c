import {
  colouredAs,
  surfaceAt,
  type Background,
  type Coloured,
  type ObstacleKind,
  type Surface,
  type Swatch,
  type Tint,
} from "../ground";
import type { AssessInput, Assessment } from "./assessment";

/** Colours of kinds of things where their own is not told (assumed; what is not named is as stone). */
const KINDS: Readonly<Partial<Record<ObstacleKind, Swatch>>> = {
  stand: "concrete",
  building: "stone",
  wall: "stone",
  hedge: "leaf",
  tree: "dark-green",
  trees: "dark-green",
  boards: "white",
  scoreboard: "black",
};
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

const paler = ({ luminance, tint }: Coloured): Coloured => ({
  luminance,
  tint: tint.map((c) => 1 + (c - 1) * PALE) as unknown as Tint,
});
const times = ({ luminance, tint }: Coloured, factor: number): Coloured => ({
  luminance: luminance * factor,
  tint,
});

/** How much brighter what stands behind is lit than the side of the subject that is seen, as a factor of ⅛ … 8. */
export function lightBehind({ scene }: AssessInput, { light: { lux } }: Assessment): number {
  const level = (scene.daylight.horizontal + lux.lamps) / Math.max(1e-3, lux.total);
  return 2 ** Math.max(-MOST_APART, Math.min(MOST_APART, Math.log2(Math.max(1e-3, level))));
}

/** A thing that stands there, by the colour told of it or else by its kind, in its own light. */
export function thingColour(
  { id, kind }: { readonly id: string; readonly kind: ObstacleKind },
  { scene }: AssessInput,
  behind: number,
): Coloured {
  const told = scene.ground.obstacles.find((o) => o.id === id)?.look?.colour;
  return times(paler(colouredAs(told ?? KINDS[kind] ?? "stone")), behind);
}

/** A ground in its own light. */
export function groundColour(surface: Surface, behind: number): Coloured {
  const [luminance, swatch] = SURFACES[surface];
  return { luminance: luminance * behind, tint: paler(colouredAs(swatch)).tint };
}

/** The sky, or what closes the picture under a roof. */
export const skyColour = ({ scene }: AssessInput, behind: number): Coloured =>
  scene.cover === "open"
    ? { luminance: SKY * Math.max(1, behind), tint: paler(colouredAs("sky")).tint }
    : { luminance: WALL * behind, tint: paler(colouredAs("stone")).tint };

/** What a background looks like, in its own light, against a perfect white in the light on the subject's seen side. */
export function colourBehind(input: AssessInput, found: Assessment, behind: Background): Coloured {
  const light = lightBehind(input, found);
  switch (behind.kind) {
    case "sky":
      return skyColour(input, light);
    case "skyline":
      return times(paler(colouredAs(SKYLINE)), light);
    case "ground":
      return groundColour(surfaceAt(input.scene.ground, behind.at), light);
    case "wall":
      return times(paler(colouredAs("stone")), light);
    default:
      return thingColour({ id: behind.obstacleId ?? "", kind: behind.kind }, input, light);
  }
}
