import { detailOf, surfaceAt, type Background, type Ground, type Surface } from "../ground";
import { smoothness } from "../optics";
import { softnessOf, type Softness } from "./grades";

/**
 * What stands behind, and how far its detail melts: the blur over the image of a detail; "plain" where there is none to
 * be busy with.
 */
export type SeenBehind = Background & {
  /** How many times over what one would make out there is blurred; 0 or more. */
  readonly smoothness: number | "plain";
  readonly softness: Softness;
};

/** Width in metres of the lettering on a hall's walls, and of a tuft of grass (common practice). */
const WALL = 0.3;
const GRASS = 0.03;
const PLAIN_GROUND: readonly Surface[] = ["water", "snow", "ice", "floor"];

export interface MeltInput {
  readonly ground: Ground;
  /** Focal length in mm, above 0. */
  readonly focalLengthMm: number;
  /** The f-number that is set. */
  readonly fNumber: number;
  /** Metres to the subject. */
  readonly away: number;
  /** Metres at the subject by which a pan draws everything behind it into lines; 0 for a camera that follows nothing. */
  readonly streak: number;
}

/** Smoothness of what stands behind at the aperture that is set; in a pan by its lines where they hide more. */
export function meltOf(
  behind: Background,
  { ground, focalLengthMm, fNumber, away, streak }: MeltInput,
): SeenBehind {
  const detail = detailBehind(behind, ground);
  const { kind, obstacleId, beyond, at } = behind;
  if (detail === undefined) return { kind, obstacleId, beyond, at, smoothness: "plain", softness: "plain" };
  const point = away + beyond;
  const byFocus = smoothness({ focalLengthMm, fNumber, subjectDistance: away, point, detail });
  // A turn of the camera moves the picture of everything by the same length, whatever its distance.
  const byLines = (streak * point) / away / detail;
  const melted = Math.max(byFocus, byLines);
  return { kind, obstacleId, beyond, at, smoothness: melted, softness: softnessOf(melted) };
}

/** Width in metres of what one makes out there (common practice; of a thing its own where it is told); none for what is plain. */
function detailBehind({ kind, at, obstacleId }: Background, ground: Ground): number | undefined {
  if (kind === "skyline" || kind === "sky") return undefined;
  if (kind === "ground") return PLAIN_GROUND.includes(surfaceAt(ground, at)) ? undefined : GRASS;
  const thing = ground.obstacles.find((o) => o.id === obstacleId);
  return thing ? detailOf(thing) : WALL;
}
