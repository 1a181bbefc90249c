/** A place in the frame in shares of its width and height from its middle, right and up positive; the edge is at ±0.5. */
export interface InFrame {
  /** Share of the width from the middle, right positive. */
  readonly across: number;
  /** Share of the height from the middle, up positive. */
  readonly up: number;
}
