import type { Point, StandingArea } from "../ground";
import type { NoPicture } from "./assessment";
import type { JudgementCode } from "./judgements";

/** One place with one height and rig, and how good it is 0 … 1: the mean over the span. */
export interface Candidate {
  readonly at: Point;
  /** Metres above level ground. */
  readonly lensHeight: number;
  /** Index in the rigs that were given. */
  readonly rig: number;
  /** 0 … 1, the mean over the span. */
  readonly score: number;
  /** Set for a place of practice: its id, and the place in the list that its score alone would give it, 1 the first. */
  readonly practice?: { readonly id: string; readonly rank: number };
  /** The first of the tried times at which a limit breaks there; absent while all hold. */
  readonly breaks?: { readonly at: number; readonly code: JudgementCode };
}

/** One square of the heat map: its best candidate, or why there is none. */
export interface HeatCell {
  readonly at: Point;
  readonly best?: Candidate;
  readonly veto?: JudgementCode | NoPicture["reason"] | "no-way";
  readonly area?: StandingArea;
}
