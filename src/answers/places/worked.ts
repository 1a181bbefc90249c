import type { Place } from "@/data";

/** What a position of a place gave, over its outings. */
export interface WorkedAt {
  readonly id: string;
  readonly name: string;
  readonly taken: number;
  readonly kept: number;
  readonly outings: number;
  /** Names of the shots that were taken from it. */
  readonly shots: readonly string[];
}

/** Frames and keepers of a place by position, most kept first; of a position that is gone by its id. */
export function workedAt({ worked, ground }: Pick<Place, "worked" | "ground">): WorkedAt[] {
  const ids = [...new Set(worked.map((w) => w.positionId))];
  return ids
    .map((id): WorkedAt => {
      const own = worked.filter((w) => w.positionId === id);
      return {
        id,
        name: ground.positions.find((p) => p.id === id)?.name ?? id,
        taken: own.reduce((sum, w) => sum + w.taken, 0),
        kept: own.reduce((sum, w) => sum + w.kept, 0),
        outings: new Set(own.map((w) => w.outingId)).size,
        shots: [...new Set(own.map((w) => w.shot))],
      };
    })
    .toSorted((a, b) => b.kept - a.kept);
}
