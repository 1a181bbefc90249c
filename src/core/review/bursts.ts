import type { Capture } from "./capture";

/** Seconds from the end of one frame to the start of the next within a burst (assumed: slow bodies take three a second). */
const WITHIN = 0.7;
/** A body that writes whole seconds: the next second still belongs to it. */
const WITHIN_WHOLE = 1.05;
/** Stops by which light may change a setting within a burst (assumed: automatic ISO follows). */
const SAME_STOPS = 1.5;
/** How much the focal length may differ: a zoom that is turned begins another burst. */
const SAME_LENS = 1.1;

/** Frames that were taken with one press and hold of the button. */
export interface Burst {
  readonly body: string;
  /** In the order in which they were taken. */
  readonly frames: readonly Capture[];
  /** Epoch milliseconds by the camera's clock, of its first frame. */
  readonly from: number;
  /** Epoch milliseconds by the camera's clock, of its last frame. */
  readonly until: number;
}

const near = (a: number | undefined, b: number | undefined, ratio: number): boolean =>
  a === undefined || b === undefined || Math.max(a / b, b / a) <= ratio;

function follows(a: Capture, b: Capture): boolean {
  const gap = (b.taken - a.taken) / 1000 - (a.exposureTime ?? 0);
  return (
    gap <= (a.hasSubSeconds && b.hasSubSeconds ? WITHIN : WITHIN_WHOLE) &&
    near(a.exposureTime, b.exposureTime, 2 ** SAME_STOPS) &&
    near(a.fNumber, b.fNumber, 2 ** (SAME_STOPS / 2)) &&
    near(a.focalLengthMm, b.focalLengthMm, SAME_LENS)
  );
}

/**
 * Bursts of each body, all in the order of their first frame: frames that follow one another within 0.7 s (1.05 s where whole
 * seconds are written) at much the same settings. A single frame is a burst of one.
 */
export function burstsOf(captures: readonly Capture[]): Burst[] {
  const bodies = new Map<string, Capture[][]>();
  for (const frame of captures.toSorted((a, b) => a.taken - b.taken)) {
    const bursts = bodies.get(frame.body) ?? [];
    bodies.set(frame.body, bursts);
    const last = bursts.at(-1);
    if (last && follows(last.at(-1)!, frame)) last.push(frame);
    else bursts.push([frame]);
  }
  return [...bodies]
    .flatMap(([body, bursts]) =>
      bursts.map((frames) => ({ body, frames, from: frames[0]!.taken, until: frames.at(-1)!.taken })),
    )
    .toSorted((a, b) => a.from - b.from);
}
