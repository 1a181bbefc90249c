import { create } from "zustand";

interface OnPlan {
  /** Whether every position's view is drawn. */
  readonly arrows: boolean;
  readonly setArrows: (arrows: boolean) => void;
  /** Whether the places of practice are drawn. */
  readonly trade: boolean;
  readonly setTrade: (trade: boolean) => void;
}

/** The letter by which a place of practice goes, on the plan and in its list. */
export const practiceMark = (i: number): string => String.fromCharCode("a".charCodeAt(0) + i);

/** What is drawn on the plan when asked for, for as long as the page lives. */
export const useOnPlan = create<OnPlan>((set) => ({
  arrows: false,
  setArrows: (arrows) => set({ arrows }),
  trade: false,
  setTrade: (trade) => set({ trade }),
}));
