import { Txt } from "@/ui/controls/Txt";
import { yoursWords, type OwnFigure } from "@/words/yours";
import type { OutingView } from "@/outing/outing-view";
import { useOuting } from "../../outing/use-outing";

/** Where a figure acts only at times. */
const ACTS: Partial<Readonly<Record<OwnFigure, (view: OutingView) => boolean>>> = {
  tracking: ({ shot }) => shot.technique === "tracked",
  pan: ({ shot }) => shot.technique === "panned",
  lift: ({ preferences }) => preferences.school === "lift",
};

/** A figure of one's own where it acts, with the usual one beside it; nothing while the usual one stands. */
export function Yours({ of }: { of: OwnFigure }) {
  const learnt = useOuting((v) => v.preferences.learnt?.[of]);
  const acts = useOuting((v) => ACTS[of]?.(v) ?? true);
  return learnt && acts ? (
    <Txt size={14} tone="water">
      {yoursWords(of, learnt)}
    </Txt>
  ) : null;
}
