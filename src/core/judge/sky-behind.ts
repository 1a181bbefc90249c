import { clearSkyLuminance, evFromLuminance } from "../light";
import type { Scene } from "../scene";
import type { AssessInput, Sighting, SightingFound } from "./assessment";

/** The open sky behind a subject. */
export interface SkyBehind {
  /** EV at ISO 100 of the sky there. */
  readonly ev: number;
  /** Stops by which it is brighter than the darkest sky that one sees in that direction by going lower. */
  readonly overDeepest: number;
  /** Degrees above the horizon at which the sky in that direction is darkest, and so its blue deepest. */
  readonly deepestAt: number;
}

/** Degrees between the heights that are looked at. */
const STEP = 2;

/**
 * EV at ISO 100 of the sky behind a subject that is to stand dark before it; a sky without blue is as bright on all sides. Absent for any
 * other shot, and where something else stands behind.
 */
export function skyEv(
  { shot, scene }: Pick<AssessInput, "shot" | "scene">,
  { background, bearing, heightAngle }: Pick<SightingFound, "background" | "bearing" | "heightAngle">,
): number | undefined {
  const { sun, daylight, cover } = scene;
  const plain = background.kind === "sky" || background.kind === "skyline";
  if (shot.exposeFor !== "sky" || !plain || cover !== "open") return undefined;
  const blue = daylight.cloud !== "even" && daylight.cloud < 1 && sun.apparentAltitude > 0;
  if (!blue) return evFromLuminance(daylight.sky / Math.PI);
  const disc = { azimuth: sun.azimuth, altitude: sun.apparentAltitude };
  const toward = { azimuth: bearing, altitude: Math.max(1, heightAngle) };
  return evFromLuminance(clearSkyLuminance(toward, disc, daylight.sky));
}

/**
 * The sky behind the aim where the line of sight ends in it: how bright, and how far from its deepest blue, by the CIE clear
 * sky (from memory). Absent where something else stands behind, under cover, at night and under a closed sky, which has no blue.
 */
export function skyBehind({
  scene,
  sighting,
}: {
  readonly scene: Scene;
  readonly sighting: Sighting;
}): SkyBehind | undefined {
  const { sun, daylight, cover } = scene;
  const plain = sighting.background.kind === "sky" || sighting.background.kind === "skyline";
  const blue = daylight.cloud !== "even" && daylight.cloud < 1 && sun.apparentAltitude > 0;
  if (!plain || !blue || cover !== "open") return undefined;
  const disc = { azimuth: sun.azimuth, altitude: sun.apparentAltitude };
  const evAt = (altitude: number): number =>
    evFromLuminance(clearSkyLuminance({ azimuth: sighting.bearing, altitude }, disc, daylight.sky));
  const here = evAt(Math.max(1, sighting.heightAngle));
  let [deepest, deepestAt] = [Infinity, 90];
  for (let altitude = STEP; altitude <= 90; altitude += STEP) {
    const ev = evAt(altitude);
    if (ev < deepest) [deepest, deepestAt] = [ev, altitude];
  }
  return { ev: here, overDeepest: Math.max(0, here - deepest), deepestAt };
}
