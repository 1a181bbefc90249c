import { create } from "zustand";
import type { Absent } from "@/words/device";
import type { Device } from "./port";

interface Awake {
  /** Set while the screen is kept on. */
  readonly release?: () => void;
  /** Why it could not be. */
  readonly absent?: Absent;
  readonly set: (device: Device, on: boolean) => Promise<void>;
}

/** Whether the screen is kept on, for as long as the page lives. */
export const useAwake = create<Awake>((set, get) => ({
  set: async (device, on) => {
    get().release?.();
    set({ release: undefined, absent: undefined });
    if (!on) return;
    const held = await device.keepAwake();
    set(held.ok ? { release: held.release } : { absent: held.reason });
  },
}));
