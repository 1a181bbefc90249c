import { surfaceAt, type Background, type Ground, type Surface } from "../ground";
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

/** Width in metres of the detail by which what stands behind is judged (common practice); none for what is plain. */
const DETAIL: Readonly<Record<Exclude<Background["kind"], "ground">, number | undefined>> = {
  // Faces in a stand.
  stand: 0.16,
  trees: 0.05,
  // Lettering on boards and walls.
  boards: 0.3,
  building: 0.3,
  wall: 0.3,
  // Wire and net (assumed).
  fence: 0.05,
  goal: 0.05,
  skyline: undefined,
  sky: undefined,
};
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
  const detail = detailOf(behind, ground);
  const { kind, obstacleId, beyond, at } = behind;
  if (detail === undefined) return { kind, obstacleId, beyond, at, smoothness: "plain", softness: "plain" };
  const point = away + beyond;
  const byFocus = smoothness({ focalLengthMm, fNumber, subjectDistance: away, point, detail });
  // A turn of the camera moves the picture of everything by the same length, whatever its distance.
  const byLines = (streak * point) / away / detail;
  const melted = Math.max(byFocus, byLines);
  return { kind, obstacleId, beyond, at, smoothness: melted, softness: softnessOf(melted) };
}

function detailOf({ kind, at }: Background, ground: Ground): number | undefined {
  if (kind !== "ground") return DETAIL[kind];
  return PLAIN_GROUND.includes(surfaceAt(ground, at)) ? undefined : GRASS;
}
