import { cosDeg, sinDeg } from "../units";

/** Refractive index of window glass (handbook). */
const GLASS = 1.52;

/** Share 0 … 1 of unpolarised light that one surface of glass throws back, by the angle in degrees off square, 0 … 90 (Fresnel). */
function thrownBack(angle: number): number {
  const out = cosDeg(angle);
  const inside = Math.sqrt(1 - (sinDeg(angle) / GLASS) ** 2);
  const across = ((out - GLASS * inside) / (out + GLASS * inside)) ** 2;
  const along = ((inside - GLASS * out) / (inside + GLASS * out)) ** 2;
  return (across + along) / 2;
}

export interface PaneInput {
  /** Sheets of glass, 1 or more; each has two surfaces. */
  readonly sheets: number;
  /** Degrees between the line of sight and the pane's normal, 0 … 90. */
  readonly angle: number;
}

export interface PaneLoss {
  /** Surfaces that the light passes. */
  readonly surfaces: number;
  /** Share 0 … 1 of the light that comes through. */
  readonly passed: number;
  /** Stops of light lost, 0 or more. */
  readonly stops: number;
}

/** Light lost in panes: Fresnel at every surface of clear glass, absorption left out (handbook: 8 % a clean sheet square on). */
export function paneLoss({ sheets, angle }: PaneInput): PaneLoss {
  const surfaces = 2 * sheets;
  const passed = (1 - thrownBack(Math.min(89.9, angle))) ** surfaces;
  return { surfaces, passed, stops: -Math.log2(passed) };
}
