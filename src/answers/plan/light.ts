import { aimOf, lensOf, OBSTACLE_KINDS, type Obstacle, type Point } from "@/core/ground";
import { directOf, fillRing } from "@/core/judge";
import { ownShadowOutline, shadedBy, shadowLength, shadowOutlines, type Sun } from "@/core/light";
import type { Scene } from "@/core/scene";
import type { Outing } from "@/data";
import { answered } from "../answered";

/** Direct sun weaker than this many lux throws no shadow worth drawing. */
const SHADOW_LUX = 800;
/** Height in metres of the standing person whose shadow the comb draws. */
const PERSON = 1.75;

/** Whether daylight comes to a ground of which nobody has told where it lies: sun and moon over it mean nothing until then. */
export const placeWanted = ({ ground, light }: Pick<Outing, "ground" | "light">): boolean =>
  ground.anchor.assumed === true &&
  (!light.roof || light.roof.daylightShare > 0 || (ground.windows ?? []).length > 0);

/** Whether the sun throws shadows worth drawing. */
export const throwsShadows = (scene: Scene): boolean =>
  scene.sun.apparentAltitude > 0 && scene.daylight.directNormal > SHADOW_LUX;

/** What keeps the sun off the whole ground; undefined while it throws shadows. A sun too weak for them counts as behind cloud. */
export function sunKeptOff(scene: Scene): Exclude<ReturnType<typeof directOf>, "sun"> | undefined {
  if (throwsShadows(scene)) return undefined;
  const direct = directOf(scene, scene.cover, false);
  return direct === "sun" ? "cloud" : direct;
}

/** Outlines of the shadows of all that shades. */
export const shadowsOf = (obstacles: readonly Obstacle[], sun: Sun): readonly (readonly Point[])[] =>
  obstacles
    .filter(({ kind }) => OBSTACLE_KINDS[kind].shades)
    .flatMap((obstacle) => {
      const outlines = shadowOutlines(obstacle, sun);
      return outlines.ok ? outlines.value : [];
    });

/** Metres of the shadow of a standing person. */
export const personShadow = (sun: Sun): number => shadowLength(PERSON, sun.apparentAltitude);

/** The photographer's own shadow, as an outline; none without direct sun. */
export const ownShadow = answered(
  ({ position, outing, scene }) => [position, outing.ground, scene] as const,
  (position, ground, scene): readonly Point[] =>
    position && throwsShadows(scene)
      ? ownShadowOutline({ lens: lensOf(ground, position), sun: scene.sun })
      : [],
);

/** Bearing in degrees from which direct sun reaches each spot, by its id; what lies in shade is not in it. */
export const sunOnSpots = answered(
  ({ outing, scene }) => [outing.ground, scene] as const,
  (ground, scene): Readonly<Record<string, number>> =>
    throwsShadows(scene)
      ? Object.fromEntries(
          ground.spots
            .filter((spot) => !shadedBy(aimOf(ground, spot), scene.sun, ground.obstacles))
            .map((spot) => [spot.id, scene.sun.azimuth]),
        )
      : {},
);

/** Metres about the spot in hand at which the lens in hand fills the frame as wished; nothing where it cannot. */
export const ringOfFill = answered(
  ({ input, found }) => [input, found] as const,
  (input, found): number | undefined => input && found && fillRing(input, found),
);
