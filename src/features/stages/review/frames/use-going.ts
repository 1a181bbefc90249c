import { useState } from "react";
import { USUAL_CAPTION } from "@/outing/captions/caption";
import type { FrameOf } from "@/outing/frames/deliver";
import { useOuting } from "../../../outing/use-outing";
import { useFilesAtHand } from "./files-at-hand";
import { useFrames } from "./frames-store";
import { isShipped } from "./look-at";
import { useToldOuting } from "./use-told-outing";
import type { WentOut } from "./going-out";

export type GoingState =
  | { readonly kind: "idle" }
  | { readonly kind: "failed" }
  | { readonly kind: "going"; readonly done: number; readonly of: number }
  | { readonly kind: "out"; readonly out: WentOut };

/** Pictures, sidecars and lists on their way out of this page. */
export function useGoing() {
  const outing = useToldOuting();
  const ways = useOuting((v) => v.preferences.captions) ?? USUAL_CAPTION;
  const { files, sidecars, folder } = useFilesAtHand((s) => s);
  const isReachable = useFrames((s) => s.frames.some(isShipped));
  const [state, setState] = useState<GoingState>({ kind: "idle" });
  const going = (frames: readonly FrameOf[]) => ({ outing, ways, files, sidecars, frames });
  const run = async (frames: readonly FrameOf[], work: () => Promise<WentOut>): Promise<boolean> => {
    setState({ kind: "going", done: 0, of: frames.length });
    const out = await work().catch(() => undefined);
    setState(out ? { kind: "out", out } : { kind: "failed" });
    return out !== undefined;
  };
  return {
    state,
    isAtHand: files.size > 0 || isReachable,
    canWrite: folder !== undefined,
    sidecars: (frames: readonly FrameOf[]) =>
      run(frames, async () => (await import("./going-out")).writeSidecars(going(frames), folder)),
    copies: (
      frames: readonly FrameOf[],
      form: { readonly longEdgePx: number; readonly whom: string; readonly ending: string },
    ) =>
      run(frames, async () =>
        (await import("./going-out")).deliverCopies(going(frames), form, (done) =>
          setState({ kind: "going", done, of: frames.length }),
        ),
      ),
    list: async (frames: readonly FrameOf[], whomOf: (frame: FrameOf["frame"]) => readonly string[]) =>
      (await import("./going-out")).deliveryList(going(frames), whomOf),
  };
}
