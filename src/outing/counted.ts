import type { Outing } from "@/data";

/** Frames that were taken, and how many of them were kept. */
export interface Counted {
  readonly taken: number;
  readonly kept: number;
}

/** What a log says of all of its frames, or of those of one shot. */
export function countedIn(log: Outing["log"], shotId?: string): Counted {
  const own = shotId === undefined ? log : log.filter((s) => s.shotId === shotId);
  return {
    taken: own.reduce((sum, s) => sum + s.taken, 0),
    kept: own.reduce((sum, s) => sum + s.kept, 0),
  };
}
