import { z } from "zod";
import { create } from "zustand";
import { createJSONStorage, persist } from "zustand/middleware";
import type { FrameTold } from "@/outing/tags/frames-in";

/** Frames that are kept of one outing, the latest: a long day of bursts. */
const MOST = 4000;
/** Outings whose frames are kept, the latest. */
const OUTINGS = 3;

const kept = z.record(
  z.string().max(60),
  z
    .array(
      z.object({
        shotId: z.string().max(60),
        positionId: z.string().max(60).optional(),
        taken: z.number(),
        came: z.number(),
      }),
    )
    .max(MOST),
);

interface FramesIn {
  /** By the id of an outing, in the order in which they came in. */
  readonly frames: Readonly<Record<string, readonly FrameTold[]>>;
  readonly add: (outingId: string, frame: FrameTold) => void;
}

/** What a camera told of its frames: it stands over a reload amid a burst. */
export const useFramesIn = create<FramesIn>()(
  persist(
    (set, get) => ({
      frames: {},
      add: (outingId, frame) => {
        const { [outingId]: own = [], ...others } = get().frames;
        const rest = Object.entries(others).slice(-(OUTINGS - 1));
        set({ frames: { ...Object.fromEntries(rest), [outingId]: [...own, frame].slice(-MOST) } });
      },
    }),
    {
      name: "bp/frames-in",
      storage: createJSONStorage(() => localStorage),
      partialize: ({ frames }) => ({ frames }),
      merge: (stored, now) => {
        const read = z.object({ frames: kept }).safeParse(stored);
        return read.success ? { ...now, frames: read.data.frames } : now;
      },
    },
  ),
);
