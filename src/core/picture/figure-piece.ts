import type { Swatch } from "../ground";
import type { PartClass } from "../motion";
import type { Seen3 } from "./shade";

/** A piece of a figure in metres, x to the right of the picture and y up from its foot, or from its middle off the ground. */
export interface FigurePiece {
  readonly part: PartClass;
  readonly outline: readonly (readonly [x: number, y: number])[];
  /** Where something swung is held, in the same metres. */
  readonly hub?: readonly [x: number, y: number];
  /** What it is: how it takes the light. Pieces are drawn in their order, each before those that come earlier. */
  readonly look?: PieceLook;
  /** What it is made of, where nobody wears it. */
  readonly made?: Swatch;
  /** Its two balls in the same metres, the third toward the camera, where it is round. */
  readonly round?: { readonly from: Seen3; readonly to: Seen3; readonly radii: readonly [number, number] };
  /** The way it looks, where it is flat, and a place of it in the same metres. */
  readonly flat?: { readonly looks: Seen3; readonly through: Seen3 };
  /** How it moves against its body, of the fastest of its kind. */
  readonly moves?: {
    /** Share of that one's speed, 0 … 1. */
    readonly share: number;
    /** Degrees, 0 to the right, 90 up. */
    readonly direction: number;
  };
}

/** What a piece of a body is. A shadow lies on the ground. */
export type PieceLook =
  "shadow" | "skin" | "hair" | "kit" | "shorts" | "socks" | "shoes" | "ball" | "tool" | "coat" | "eye";

/** Somebody or something else in the picture. */
export interface Beside {
  readonly figure: readonly FigurePiece[];
  /** Metres to the right of the subject in the picture, and beyond it; nearer to the lens below 0. */
  readonly right: number;
  /** Metres. */
  readonly beyond: number;
  /** What it wears; as the subject when left out. */
  readonly colour?: Swatch;
}
