import { create } from "zustand";
import type { Absent } from "@/words/device";
import type { Device, Fix } from "./port";

interface Place {
  /** Whether the device is asked where it is. */
  readonly on: boolean;
  readonly fix?: Fix;
  /** Degrees clockwise from north of the device's upper edge, where it tells it. */
  readonly heading?: number;
  readonly placeTrouble?: Absent;
  readonly headingTrouble?: Absent;
  readonly start: (device: Device) => void;
  readonly stop: () => void;
}

const NOTHING = {
  fix: undefined,
  heading: undefined,
  placeTrouble: undefined,
  headingTrouble: undefined,
} as const;

/** Where the device is and which way it is turned, for as long as somebody wants to know. It is kept nowhere. */
export const usePlace = create<Place>((set, get) => {
  let letGo: (() => void)[] = [];
  const stop = (): void => {
    letGo.forEach((release) => release());
    letGo = [];
    set({ on: false, ...NOTHING });
  };
  return {
    on: false,
    stop,
    start: (device) => {
      stop();
      set({ on: true });
      letGo.push(
        device.watchPlace({
          onTold: (fix) => set({ fix, placeTrouble: undefined }),
          // The last place stands while a new one is looked for; a refusal ends it.
          onTrouble: (placeTrouble) =>
            set({ placeTrouble, ...(placeTrouble === "refused" && { fix: undefined }) }),
        }),
      );
      const mine = letGo;
      const asked = device.watchHeading({
        onTold: (heading) => set({ heading: Math.round(heading) % 360, headingTrouble: undefined }),
        onTrouble: (headingTrouble) => set({ headingTrouble }),
      });
      void asked.then((release) => {
        if (mine === letGo && get().on) letGo.push(release);
        else release();
      });
    },
  };
});
