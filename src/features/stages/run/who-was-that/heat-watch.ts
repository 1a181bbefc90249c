import { create } from "zustand";
import { createJSONStorage, persist } from "zustand/middleware";

interface Running {
  readonly outingId: string;
  readonly eventId: string;
  /** Epoch milliseconds of the start. */
  readonly from: number;
}

interface Watch {
  readonly running?: Running;
  readonly start: (running: Running) => void;
  readonly stop: () => void;
}

/** The stop-watch of a heat: it runs on through a reload of the page. */
export const useHeatWatch = create<Watch>()(
  persist((set) => ({ start: (running) => set({ running }), stop: () => set({ running: undefined }) }), {
    name: "bp/heat-watch",
    storage: createJSONStorage(() => sessionStorage),
    partialize: ({ running }) => ({ running }),
  }),
);
