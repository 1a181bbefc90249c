import { useEffect } from "react";
import type { BodyClock, Frame } from "@/data/schema/frame";
import { slice } from "../../../outing/slice";
import { useOuting } from "../../../outing/use-outing";
import { openBeside } from "../../../store/open-repository";
import { onWritten, tellWritten } from "../../../store/written";

export interface FramesState {
  readonly frames: readonly Frame[];
  readonly clocks: readonly BodyClock[];
  /** Whether they were read; until then none are shown, and that is not because there are none. */
  readonly state: "unread" | "read" | "failed";
  /** What could not be kept last. */
  readonly failure?: "storage-full" | "storage-failed";
  readonly load: () => Promise<void>;
  /** Shows them at once and keeps them; false, and as they were before, where they could not be kept. */
  readonly put: (frames: readonly Frame[]) => Promise<boolean>;
  readonly putClocks: (clocks: readonly BodyClock[]) => Promise<boolean>;
  readonly removeAll: () => Promise<boolean>;
}

const onDisk = async () => (await openBeside()).frames;
const framesKey = (outingId: string): string => `bp/frames/${outingId}`;

const byTime = (frames: Iterable<Frame>): Frame[] => [...frames].sort((a, b) => a.taken - b.taken);

const framing = slice<FramesState>((outingId) => (set, get) => {
  let turn: Promise<unknown> = Promise.resolve();
  /** One write after the other. */
  const inTurn = <T>(work: () => Promise<T>): Promise<T> => {
    const next = turn.then(work);
    turn = next.catch(() => undefined);
    return next;
  };
  const shown = (frames: readonly Frame[]): void => {
    const all = new Map(get().frames.map((f) => [f.id, f]));
    const isNew = frames.some((f) => all.get(f.id)?.taken !== f.taken);
    for (const frame of frames) all.set(frame.id, frame);
    set({ frames: isNew ? byTime(all.values()) : [...all.values()] });
  };
  return {
    frames: [],
    clocks: [],
    state: "unread",
    load: async () => {
      const found = await (await onDisk()).of(outingId).catch(() => undefined);
      set(found ? { ...found, state: "read" } : { state: "failed" });
    },
    put: async (frames) => {
      const before = new Map(get().frames.map((f) => [f.id, f]));
      shown(frames);
      const kept = await inTurn(async () => (await onDisk()).put(outingId, frames));
      set({ failure: kept.ok ? undefined : kept.reason });
      if (kept.ok) tellWritten([framesKey(outingId)]);
      else
        set({
          frames: byTime(get().frames.flatMap((f) => (frames.includes(f) ? (before.get(f.id) ?? []) : [f]))),
        });
      return kept.ok;
    },
    putClocks: async (clocks) => {
      const before = get().clocks;
      set({ clocks });
      const kept = await inTurn(async () => (await onDisk()).putClocks(outingId, clocks));
      set({ failure: kept.ok ? undefined : kept.reason, ...(!kept.ok && { clocks: before }) });
      if (kept.ok) tellWritten([framesKey(outingId)]);
      return kept.ok;
    },
    removeAll: async () => {
      const ids = new Set(get().frames.map((f) => f.id));
      const kept = await inTurn(async () => (await onDisk()).remove(outingId, ids));
      set(kept.ok ? { frames: [] } : { failure: kept.reason });
      return kept.ok;
    },
  };
});

export const useFrames = framing.useSlice;
/** The frames of an outing outside what is drawn. */
export const framesOf = framing.of;

/** Reads the frames of the open outing when they are first asked for, and when another tab has written some. */
export function useFramesRead(): FramesState["state"] {
  const id = useOuting((v) => v.outing.id);
  const { state, load } = useFrames((s) => s);
  useEffect(() => {
    if (framing.of(id).getState().state === "unread") void load();
    return onWritten((keys, isElsewhere) => void (isElsewhere && keys.includes(framesKey(id)) && load()));
  }, [id, load]);
  return state;
}
