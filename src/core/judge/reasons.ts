import type { ReasonWith, SourceId } from "../units";

type None = Readonly<Record<never, number>>;

/** What depth of field asks: metres from front to back, and the aperture that holds them. */
interface DepthNumbers {
  readonly depth: number;
  readonly fNumber: number;
}

/** Every reason that an assessment gives, with the numbers that its sentence needs. `words` has a sentence for each. */
export interface ReasonNumbers {
  /** Metres from the lens to the aim: east, north, up. */
  "distance-in-space": { east: number; north: number; rise: number };
  /** Degrees. */
  "bearing-of-sight": { bearing: number };
  /** Metres; the share of the framed side; metres. */
  "fill-is-image-over-frame": { partSize: number; fill: number; distance: number };
  /** Millimetres; metres of the frame's height at the subject. */
  "focal-length-used": { focalLengthMm: number; frameUp: number };
  /** Share of each side that the crop keeps, pixels left along the long edge, share that was wished. */
  "crop-keeps": { kept: number; px: number; wished: number };
  /** Lux. */
  "light-of-sun": { lux: number };
  /** Lux. */
  "light-of-moon": { lux: number };
  /** Lux. */
  "light-of-sky": { lux: number };
  /** Lux; the share that the ground returns. */
  "light-of-ground": { lux: number; reflectance: number };
  /** Lux on the level ground; the share of it on an upright subject. */
  "light-of-lamps": { horizontal: number; share: number };
  /** Lux on the side seen; how many masts. */
  "light-of-masts": { lux: number; masts: number };
  /** Stops. */
  "zone-offset": { stops: number };
  /** Stops. */
  "reading-offsets": { day: number; lamps: number };
  /** Lux; EV at ISO 100. */
  "ev-from-lux": { lux: number; ev: number };
  /** EV at ISO 100 of the sky behind. */
  "exposed-for-sky": { ev: number };
  /** Metres a second. */
  "part-speed": { speed: number };
  /** Millimetres a second on the sensor; metres; millimetres. */
  "speed-on-sensor": { mmPerSecond: number; distance: number; focalLengthMm: number };
  /** Seconds; metres a second across the view; millimetres a second on the sensor. */
  "streak-drawn": { seconds: number; transverseSpeed: number; mmPerSecond: number };
  /** Micrometres on the sensor; pixels of the delivered picture. */
  tolerance: { um: number; px: number };
  /** Seconds. */
  "slowest-exposure": { seconds: number };
  "slowest-none": None;
  "slowest-any": None;
  /** f-number. */
  "lens-widest": { fNumber: number };
  "depth-of-eye": None;
  "depth-of-face": DepthNumbers;
  "depth-of-plane": DepthNumbers;
  "depth-of-whole": DepthNumbers;
  "depth-of-two-things": DepthNumbers;
  /** Clicks of depth given up. */
  "depth-given-up": { clicks: number };
  /** f-number. */
  "diffraction-from": { fNumber: number };
  /** Stops. */
  "close-up-loses": { stops: number };
  /** Stops. */
  "netting-takes": { stops: number };
  /** Stops. */
  "glass-takes": { stops: number };
  /** Stops over 1 s, f/1 and ISO 100, and the stops that the light gives. */
  "iso-follows": { shutter: number; aperture: number; iso: number; light: number };
  /** Stops. */
  "filter-takes": { stops: number };
  /** ISO. */
  "ceiling-for-a-face": { iso: number };
  /** ISO; clicks short there. */
  "ceiling-of-body": { iso: number; short: number };
}

export type ReasonCode = keyof ReasonNumbers;
export type Reason = ReasonWith<ReasonNumbers>;

/** A reason with its numbers and its source; none where it is plain arithmetic. */
export const reason = <Code extends ReasonCode>(
  code: Code,
  numbers: ReasonNumbers[Code],
  source?: SourceId,
): Reason => (source ? { code, numbers, source } : { code, numbers }) as Reason;
