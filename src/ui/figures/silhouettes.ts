import type { Silhouette as SilhouetteName, Subject } from "@/core/motion";
import {
  AFLOAT,
  BEAST,
  DEER,
  DOG,
  DROP,
  FLYING,
  FOX,
  FROG,
  HARE,
  INSECT,
  LIZARD,
  OTTER,
  PERCHED,
  SEAL,
  SNAKE,
  SPIDER,
  STOOPING,
  WADING,
  WHALE,
} from "./animals";
import {
  BATTING,
  CLIMBING,
  CROUCHING,
  DIVING,
  JAVELIN,
  JUMPING,
  KEEPING,
  KICKING,
  LEAPING,
  LOW_STICK,
  RACKET,
  RUNNING,
  SKIING,
  STANDING,
  SWIMMING,
  THROWING,
} from "./people";
import { AIRCRAFT, BOARD, BOAT, CYCLING, MOTORCYCLE, RIDING, SAIL, VEHICLE, WHEELCHAIR } from "./mounts";
import type { Intent } from "@/core/scene";
import { sinDeg } from "./turn";
import type { At, Phase, Piece, Silhouette } from "./shape";

/** The silhouette of every figure. */
export const SILHOUETTES: Readonly<Record<SilhouetteName, Silhouette>> = {
  standing: STANDING,
  running: RUNNING,
  "low-stick": LOW_STICK,
  throwing: THROWING,
  javelin: JAVELIN,
  jumping: JUMPING,
  leaping: LEAPING,
  kicking: KICKING,
  keeping: KEEPING,
  crouching: CROUCHING,
  diving: DIVING,
  batting: BATTING,
  racket: RACKET,
  climbing: CLIMBING,
  swimming: SWIMMING,
  boat: BOAT,
  sail: SAIL,
  board: BOARD,
  cycling: CYCLING,
  wheelchair: WHEELCHAIR,
  skiing: SKIING,
  riding: RIDING,
  vehicle: VEHICLE,
  motorcycle: MOTORCYCLE,
  aircraft: AIRCRAFT,
  deer: DEER,
  beast: BEAST,
  otter: OTTER,
  fox: FOX,
  dog: DOG,
  hare: HARE,
  seal: SEAL,
  whale: WHALE,
  frog: FROG,
  lizard: LIZARD,
  snake: SNAKE,
  flying: FLYING,
  stooping: STOOPING,
  perched: PERCHED,
  wading: WADING,
  afloat: AFLOAT,
  insect: INSECT,
  spider: SPIDER,
  drop: DROP,
};

/** How a figure is seen. */
export interface Seen {
  /** Degrees between the way it faces and the camera: 0 face on, 90 from the side, 180 from behind. */
  readonly turn: number;
  readonly phase: Phase;
  /** 1 faces to the right, −1 to the left. */
  readonly heads: 1 | -1;
  /** Whether it is off the ground, and stands on its middle. */
  readonly aloft: boolean;
  /** Whether it is the mirror of most: left-handed, or off the other foot. */
  readonly mirrored?: boolean;
}

/** A figure's outlines about its own place: x to the right, y up, in the unit of which its measure has `size`. */
export function placedFigure(
  figure: SilhouetteName,
  size: number,
  { turn: seen, phase, heads: facing, aloft, mirrored = false }: Seen,
): Piece[] {
  const { pieces, from, to, middle } = SILHOUETTES[figure];
  // The mirror of one who is seen from the other side: what was near is far, and it faces the same way.
  const [turn, heads] = mirrored ? [-seen, -facing] : [seen, facing];
  const centre = ((from + to) / 2) * sinDeg(turn);
  const base = aloft ? middle : 0;
  const place = ([x, y]: At): At => [heads * (x - centre) * size, (y - base) * size];
  return pieces(turn, phase).map(({ part, outline, hub }) => ({
    part,
    outline: outline.map(place),
    ...(hub && { hub: place(hub) }),
  }));
}

/** Metres of the measure that a subject's figure is drawn in. */
export function measureOf({ figure = "standing", height, length, span }: Subject): number {
  const { unit } = SILHOUETTES[figure];
  return unit === "height" ? height : ((unit === "length" ? length : span) ?? height);
}

/** The posture that a picture shows: a face after it, the subject in its place before it begins, a pan between two strokes, all else at its peak. */
export function phaseOf(intent: Intent): Phase {
  if (intent === "reaction") return "end";
  if (intent === "pan") return "recovery";
  return intent === "context" || intent === "still" ? "start" : "peak";
}
