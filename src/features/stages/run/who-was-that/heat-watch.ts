import type { StateCreator } from "zustand";
import { createJSONStorage, persist } from "zustand/middleware";
import { slice } from "../../../outing/slice";

interface Running {
  readonly eventId: string;
  /** Epoch milliseconds of the start. */
  readonly from: number;
}

interface Watch {
  readonly running?: Running;
  readonly start: (running: Running) => void;
  readonly stop: () => void;
}

/** The stop-watch of a heat of an outing: it runs on through a reload of the page. */
const heatWatch = slice<Watch>(
  (outingId) =>
    persist((set) => ({ start: (running) => set({ running }), stop: () => set({ running: undefined }) }), {
      name: `bp/heat-watch/${outingId}`,
      storage: createJSONStorage(() => sessionStorage),
      partialize: ({ running }) => ({ running }),
    }) as StateCreator<Watch>,
);

export const useHeatWatch = heatWatch.useSlice;
