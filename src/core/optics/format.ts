/** A sensor: its sides in millimetres and its pixels along the long side. */
export interface SensorFormat {
  /** Millimetres along the long side. */
  readonly widthMm: number;
  /** Millimetres along the short side. */
  readonly heightMm: number;
  /** Pixels along the long side, above 0. */
  readonly widthPx: number;
}

const FULL_FRAME_DIAGONAL_MM = Math.hypot(36, 24);

/** Diagonal of a sensor in millimetres. */
export const diagonalMm = (format: SensorFormat): number => Math.hypot(format.widthMm, format.heightMm);

/** 36×24 diagonal over this diagonal: 1.534 for 23.5×15.6. */
export const cropFactor = (format: SensorFormat): number => FULL_FRAME_DIAGONAL_MM / diagonalMm(format);

/** Side of a pixel in micrometres. */
export const pixelPitchUm = (format: SensorFormat): number => (format.widthMm / format.widthPx) * 1000;

export type Orientation = "upright" | "level";

/** Frame sides in mm as the camera is held: along the horizontal and along the vertical. */
export const heldSidesMm = (
  format: SensorFormat,
  orientation: Orientation,
): { across: number; up: number } =>
  orientation === "level"
    ? { across: format.widthMm, up: format.heightMm }
    : { across: format.heightMm, up: format.widthMm };
