import { create } from "zustand";
import { createJSONStorage, persist } from "zustand/middleware";

/** What the phone does on the day, as this device is set. */
interface Signals {
  readonly vibrates: boolean;
  readonly sounds: boolean;
  /** Calls are told as notices while the page lives behind another. */
  readonly notices: boolean;
  readonly set: (change: Partial<Pick<Signals, "vibrates" | "sounds" | "notices">>) => void;
}

/** Kept on the device, not in the outing: the phone in the pocket is set, not the day. Quiet until it is asked for. */
export const useSignals = create<Signals>()(
  persist((set) => ({ vibrates: true, sounds: false, notices: false, set }), {
    name: "bp/signals",
    storage: createJSONStorage(() => localStorage),
    partialize: ({ vibrates, sounds, notices }) => ({ vibrates, sounds, notices }),
  }),
);
