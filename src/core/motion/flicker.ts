/** Lamps on alternating current. */
export interface FlickerInput {
  /** Mains frequency in Hz: 50 or 60; the light goes at twice that. */
  readonly mainsHz: number;
  /** Depth of the modulation 0 … 1. */
  readonly modulation: number;
  /** Exposure in seconds. */
  readonly exposure: number;
}

/** A shutter mark within this share of whole periods counts as whole: 1/100 is 1/101.6 s. */
const WHOLE = 0.02;

/** By what share a frame can be brighter or darker than the mean: M·|sin πFt/(πFt)|. */
export function flickerSwing({ mainsHz, modulation, exposure }: FlickerInput): number {
  const periods = 2 * mainsHz * exposure;
  if (periods >= 1 - WHOLE && Math.abs(periods - Math.round(periods)) <= WHOLE * Math.round(periods))
    return 0;
  const x = Math.PI * periods;
  return x === 0 ? modulation : modulation * Math.abs(Math.sin(x) / x);
}

/** Stops between the brightest and the darkest frame of a swing 0 … 1; what would go out altogether counts as 0.999. */
export function swingInStops(swing: number): number {
  const share = Math.min(0.999, swing);
  return Math.log2(1 + share) - Math.log2(1 - share);
}

/** Under this share of a lamp's period a rolling read is one moment (assumed). */
const ONE_MOMENT = 0.25;

export interface Bands {
  /** Bright and dark bands over the frame: lamp periods while the sensor is read. */
  readonly count: number;
  /** Stops between a bright and a dark band; 0 when the read is too quick to show any. */
  readonly stops: number;
}

/** Bands of an electronic shutter that reads the sensor in `readout` seconds under flickering lamps. */
export function flickerBands(input: FlickerInput & { readonly readout: number }): Bands {
  const count = 2 * input.mainsHz * input.readout;
  return { count, stops: count < ONE_MOMENT ? 0 : swingInStops(flickerSwing(input)) };
}

/**
 * Depth 0 … 1 of the modulation of lamps, from the brightest and the darkest of a few frames at one exposure: the swing is that of
 * their stops apart, M = swing/|sin πFt/(πFt)|. Undefined at an exposure of whole periods, which shows none.
 */
export function modulationFromFrames({
  mainsHz,
  exposure,
  stopsApart,
}: {
  readonly mainsHz: number;
  /** Exposure in seconds. */
  readonly exposure: number;
  /** Stops between the brightest and the darkest frame, 0 or more. */
  readonly stopsApart: number;
}): number | undefined {
  const share = flickerSwing({ mainsHz, modulation: 1, exposure });
  if (share === 0) return undefined;
  const ratio = 2 ** stopsApart;
  return Math.min(1, (ratio - 1) / (ratio + 1) / share);
}
