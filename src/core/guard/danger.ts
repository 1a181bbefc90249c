import type { SourceId } from "../units";

/**
 * What of a subject, or of what it throws, strikes and lands on, can hurt who stands too near, and what is hurt by who does. Distances
 * in metres; those without a published source are common practice, and officials, wardens and local law decide.
 */
export type Danger = Throw | HardBall | SoftBall | Landing | Passing | Animal;

/** Implements fly over a sector ahead of a circle or an arc. */
export interface Throw {
  readonly kind: "throw";
  /** Metres from the spot to the front line of the circle or the arc, 0 or more. */
  readonly front: number;
  /** Metres that an implement may fly, above 0. */
  readonly reach: number;
  /** What one stands behind: a cage, the rear half of the circle, the arc beside its runway. */
  readonly behind: "cage" | "circle" | "arc";
}

/** A ball that breaks bones flies about a line. */
export interface HardBall {
  readonly kind: "hard-ball";
  /** Degrees clockwise from the way the subject faces to the way the ball flies. */
  readonly turn: number;
  /** Degrees to either side of the line. */
  readonly spread: number;
  /** m/s, above 0. */
  readonly speed: number;
  /** Metres to which a miss flies, above 0. */
  readonly reach: number;
}

/** A ball, or players, that come over the line. */
export interface SoftBall {
  readonly kind: "soft-ball";
}

/** Somebody comes down ahead of the spot. */
export interface Landing {
  readonly kind: "landing";
  /** Metres ahead to where they come to rest: the pit's end, the mat's, the best that is done. */
  readonly ahead: number;
  /** Metres to either side of the line. */
  readonly half: number;
}

/** Something runs or drives along its track. */
export interface Passing {
  readonly kind: "passing";
  /** Seconds of its way that have to lie between, in line and on the outside of a bend. */
  readonly seconds: number;
  /** Metres to keep where it runs straight, and on the inside of a bend; as much as on the outside when left out. */
  readonly beside?: { readonly straight: number; readonly inside: number };
}

/** An animal that is to have its peace, or takes it. */
export interface Animal {
  readonly kind: "animal";
  /** Metres to keep from the animal, 0 or more. */
  readonly keepOff: number;
  /** Metres to keep from its nest, den or haul-out; "never" where no place is proposed at all; absent where it has none. */
  readonly nest?: number | "never";
  readonly known: Extract<SourceId, "us-park-service" | "common-practice">;
}
