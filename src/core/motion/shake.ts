/**
 * Rotation of an unsteady hand in rad/s. The reciprocal rule (1/f on 36×24; common practice) says that in 1/f seconds
 * it blurs one circle of confusion of 0.0288 mm: f·ω·(1/f) = c.
 */
export const HAND_SHAKE = 0.0288;

/** Stabiliser (CIPA DC-011 rating) and support together count for no more than this many stops (assumed). */
const MOST_STEADY = 6;

export interface ShakeInput {
  /** Focal length in mm, above 0. */
  readonly focalLengthMm: number;
  /** Stops that stabilisation gives, 0 or more. */
  readonly stabiliserStops: number;
  /** Stops that the support gives, 0 or more. */
  readonly supportStops: number;
}

/** Blur by shake on the sensor in µm per second of exposure: f·ω/2^stops. The crop enters by the tolerance alone. */
export function shakeUmPerSecond({ focalLengthMm, stabiliserStops, supportStops }: ShakeInput): number {
  const stops = Math.min(MOST_STEADY, stabiliserStops + supportStops);
  return (1000 * focalLengthMm * HAND_SHAKE) / 2 ** stops;
}
