import type { LitPlace } from "@/core/judge";
import { slice } from "../../../outing/slice";

/** The light over a ground as it was mapped once. */
export interface LightMap {
  /** Epoch milliseconds. */
  readonly at: number;
  /** Metres between two places. */
  readonly step: number;
  readonly lit: readonly LitPlace[];
  /** EV at the spot in hand: what the steps are counted from. */
  readonly ev: number;
}

interface OnPlan {
  /** Whether every position's view is drawn. */
  readonly arrows: boolean;
  readonly setArrows: (arrows: boolean) => void;
  /** Whether the places of practice are drawn. */
  readonly trade: boolean;
  readonly setTrade: (trade: boolean) => void;
  /** The light as it is drawn over the ground, once it is asked for. */
  readonly light: LightMap | undefined;
  readonly setLight: (light: LightMap | undefined) => void;
}

/** The letter by which a place of practice goes, on the plan and in its list. */
export const practiceMark = (i: number): string => String.fromCharCode("a".charCodeAt(0) + i);

/** A map of the light speaks of its minute and of those about it: for so long, in milliseconds. */
const LIGHT_HOLDS = 10 * 60_000;

export const lightHolds = (map: LightMap, at: number): boolean => Math.abs(map.at - at) <= LIGHT_HOLDS;

/** What is drawn on the plan of an outing when asked for. */
export const onPlan = slice<OnPlan>(() => (set) => ({
  arrows: false,
  setArrows: (arrows) => set({ arrows }),
  trade: false,
  setTrade: (trade) => set({ trade }),
  light: undefined,
  setLight: (light) => set({ light }),
}));
