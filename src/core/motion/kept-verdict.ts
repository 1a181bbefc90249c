/** How a part comes out over many frames at the speed of shutter used. */
export type KeptVerdict = "held" | "mostly-held" | "at-the-edge" | "lost";

/** Least share 0 … 1 of the frames for each word, the best first (common practice). */
const LEAST: readonly (readonly [share: number, verdict: KeptVerdict])[] = [
  [0.85, "held"],
  [0.5, "mostly-held"],
  [0.2, "at-the-edge"],
];

/** The word for a share 0 … 1 of frames that keep a part within its tolerance: from 85 % held, from 50 % mostly, from 20 % at the edge. */
export const keptVerdict = (chance: number): KeptVerdict =>
  LEAST.find(([share]) => chance >= share)?.[1] ?? "lost";
