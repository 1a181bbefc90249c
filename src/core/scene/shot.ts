import type { CircleRule, FigurePart, Orientation } from "../optics";
import type { Technique, ToleranceKind } from "../motion";

/**
 * What the picture is to do with movement: stop it, pan with it, let it streak past a still camera, take something at
 * rest, a face between actions, or the subject and its place together.
 */
export type Intent = "freeze" | "pan" | "streak" | "still" | "reaction" | "context";

/**
 * What should be sharp from front to back: nothing beyond the eye's own plane; a face; something flat of the subject's
 * length, turned out of parallel by an angle in degrees; the whole subject along the view; or the subject and what
 * stands at another spot.
 */
export type DepthWish =
  | { readonly kind: "eye" }
  | { readonly kind: "face" }
  | {
      readonly kind: "plane";
      /** Degrees by which the plane is turned from that of focus, 0 … 90. */ readonly turnDeg: number;
    }
  | { readonly kind: "whole" }
  | {
      readonly kind: "two-things";
      /** Id of another spot, or of anything that stands on the plan. */ readonly otherSpotId: string;
    };

/** A print on a wall. */
export interface PrintOrder {
  /** Long edge in mm, above 0. */
  readonly longEdgeMm: number;
  /** Pixels per inch, above 0. */
  readonly pixelsPerInch: number;
  /** Metres from which it is looked at, above 0. */
  readonly viewingDistance: number;
}

/** The side that people act with, where they differ by it. */
export type Side = "left" | "right";

/** One wanted picture of the brief. */
export interface Shot {
  readonly id: string;
  readonly name: string;
  readonly intent: Intent;
  readonly subjectId: string;
  readonly spotId: string;
  readonly technique: Technique;
  /** The hand that strikes, the side breathed to, the foot of the take-off, where people differ by it and it is known. */
  readonly side?: Side;
  readonly part: FigurePart;
  readonly orientation: Orientation;
  /** Side of the frame that the framing asks for; height when left out. */
  readonly along?: "height" | "width";
  /** The subject decides when left out: see `depthWishFor`. */
  readonly depth?: DepthWish;
  /** Wished share of the delivered frame, 0 … 1, by which a pan or a streak draws its lines; 0.1 when left out. */
  readonly streakShare?: number;
  /** Circle of confusion: a 1500th of the kept diagonal when left out. */
  readonly circleRule?: CircleRule;
  /** What is exposed for: the subject when left out, or the sky behind it, so that it stands there dark. */
  readonly exposeFor?: "subject" | "sky";
  /** Wished share 0 … 1 of the framed side that the part takes. */
  readonly fill: number;
  /** Part of the subject whose picture must hold. */
  readonly holdPartId: string;
  readonly tolerance: ToleranceKind;
  /** Long edge of the delivered picture in pixels. */
  readonly deliveredLongEdgePx: number;
  /** The print that it is for, where one is ordered. */
  readonly print?: PrintOrder;
  /** How many pictures were promised. */
  readonly wanted: number;
}
