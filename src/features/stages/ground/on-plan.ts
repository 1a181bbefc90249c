import { create } from "zustand";

interface OnPlan {
  /** Whether every position's view is drawn. */
  readonly arrows: boolean;
  readonly setArrows: (arrows: boolean) => void;
}

/** What is drawn on the plan when asked for, for as long as the page lives. */
export const useOnPlan = create<OnPlan>((set) => ({
  arrows: false,
  setArrows: (arrows) => set({ arrows }),
}));
