import type { Silhouette, Subject } from "../motion";
import type { Side } from "../scene";

/** A way in which people differ by a side, and how many of a hundred do it so. */
interface Sided {
  readonly right: string;
  readonly left: string;
  /** Share 0 … 1 of those on the right. */
  readonly share: number;
}

/**
 * Sides by what a subject does. Shares are estimated: nine of ten people throw and strike with the right; most crawl swimmers
 * breathe to the right, most jumpers over a bar take off from the left foot.
 */
const SIDES = {
  hand: { right: "right-handed", left: "left-handed", share: 0.9 },
  breath: { right: "breathing-right", left: "breathing-left", share: 0.65 },
  "take-off": { right: "off-the-left-foot", left: "off-the-right-foot", share: 0.7 },
} as const satisfies Record<string, Sided>;

export type SidedBy = keyof typeof SIDES;
export type SidedCode = (typeof SIDES)[SidedBy]["right" | "left"];

/** What faces do as seen from a place, by the people's side. */
export interface FaceShare {
  readonly code: SidedCode;
  /** Share 0 … 1 of the people. */
  readonly share: number;
  readonly seen: "open" | "covered" | "profile" | "away";
}

/** Figures that throw or strike with one arm. */
const STRIKING: readonly Silhouette[] = ["throwing", "javelin", "batting", "racket", "low-stick"];

/** Subjects that do so in a jump or on the run. */
const STRIKES = /^(basketball|tennis|badminton|squash|table-tennis)|attack|shot|smash/;

/** By which side a subject's kind differs, if it does: it throws or strikes, swims crawl, or jumps over a bar. */
export function sidedBy({ id, figure }: Pick<Subject, "id" | "figure">): SidedBy | undefined {
  if (/crawl/.test(id)) return "breath";
  if (/high-jump|vault/.test(id)) return "take-off";
  return (figure && STRIKING.includes(figure)) || STRIKES.test(id) ? "hand" : undefined;
}

/** Whether one who acts with a side is the mirror of most. Most jumpers over a bar leave from the left foot. */
export const isMirrored = (by: SidedBy | undefined, side: Side | undefined): boolean =>
  by !== undefined && side === (by === "take-off" ? "right" : "left");

/** Degrees from face on within which a raised arm comes before the face, and beyond which only the back is seen. */
const FRONT = 20;
const PROFILE = 75;
const BACK = 120;

/**
 * How faces are seen from a place, told by sides: an arm that is raised on the camera's side covers the face, on the other side
 * it leaves it open; of one whose side is known, that alone. `turn` is the signed angle in degrees from the way the subject faces to
 * the camera, clockwise, −180 … 180: above 0 the camera stands on the subject's right.
 */
export function faceShares(by: SidedBy, turn: number, side?: Side): FaceShare[] {
  const { right, left, share } = SIDES[by];
  // A crawl swimmer's face turns to the side that breathes; a striker's opens away from the arm.
  const opensRight = by === "breath";
  const seen = (isRight: boolean): FaceShare["seen"] => {
    if (Math.abs(turn) > BACK) return "away";
    if (Math.abs(turn) < FRONT) return "open";
    if (turn > 0 === (isRight === opensRight)) return "open";
    return Math.abs(turn) > PROFILE ? "profile" : "covered";
  };
  if (side) {
    const mirrored = isMirrored(by, side);
    return [{ code: mirrored ? left : right, share: 1, seen: seen(!mirrored) }];
  }
  return [
    { code: right, share, seen: seen(true) },
    { code: left, share: 1 - share, seen: seen(false) },
  ];
}
