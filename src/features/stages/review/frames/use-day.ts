import { useMemo } from "react";
import type { Outing, Tag } from "@/data";
import type { BodyClock, Frame } from "@/data/schema/frame";
import { plannedShots, type PlanOfShot } from "@/answers/review/frames/planned";
import { frameBursts } from "@/outing/frames/bursts";
import { matchedBursts, type MatchedBurst } from "@/outing/frames/matched";
import { kept } from "@/outing/kept";
import { useOpenOuting, useOuting } from "../../../outing/use-outing";
import { useTags, useTagsRead } from "../../run/who-was-that/tag-store";
import { useFrames, useFramesRead, type FramesState } from "./frames-store";

const matchedKept = kept(
  2,
  (
    outing: Outing,
    frames: readonly Frame[],
    clocks: readonly BodyClock[],
    tags: readonly Tag[],
    plan: readonly PlanOfShot[],
  ) => matchedBursts(outing, frameBursts(frames, clocks), tags, plan),
);

/** The bursts of the day as they were matched: one memory for every panel that shows them. */
export function useDay(): {
  readonly bursts: readonly MatchedBurst[];
  readonly state: FramesState["state"];
} {
  const { store } = useOpenOuting();
  useTagsRead();
  const state = useFramesRead();
  const outing = useOuting((v) => v.outing);
  const kit = useOuting((v) => v.kit);
  const tags = useTags((s) => s.tags);
  const frames = useFrames((s) => s.frames);
  const clocks = useFrames((s) => s.clocks);
  const bursts = useMemo(() => {
    if (frames.length === 0) return NONE;
    return matchedKept(outing, frames, clocks, tags, plannedShots(store.getState().view));
    // The plan hangs on the outing and its kit.
    // eslint-disable-next-line react-hooks/exhaustive-deps
  }, [outing, kit, frames, clocks, tags, store]);
  return { bursts, state };
}

const NONE: readonly MatchedBurst[] = [];
