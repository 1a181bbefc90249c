import type { OutingView } from "@/outing/outing-view";
import { figure, given, type Figure } from "../explain/figure";
import { picturedOf } from "../explain/pictured";
import { delivered } from "../explain/sums";
import { pan } from "./pan";

/** What the sentences of a pan open to. */
export type PanLine = "swing" | "rate" | "along" | "streak" | "still" | "left" | "atNearest";

/** Every number of the sweep and of what it leaves with its sum; none where nothing crosses the view. */
export function panSums(view: OutingView): Partial<Record<PanLine, Figure>> {
  const { sweep, left, streaks } = pan(view) ?? {};
  const of = picturedOf(view);
  if (!of || !sweep) return {};
  const { asked } = of;
  const bold = streaks?.at(-1);
  return {
    swing: figure(sweep.swing, "sweepOf.swing", { asked }),
    rate: figure(sweep.rate, "sweepOf.rate", { asked }),
    along: figure(Math.abs(sweep.picture.along), "sweepOf.along", { asked }),
    ...(bold && {
      streak: figure(bold.exposure, "streakExposure.share", {
        asked,
        share: given(bold.share, "", "assumed"),
      }),
    }),
    ...(left && {
      still: delivered(figure(left.stillUm, "panLeft.stillUm", { asked }), of),
      left: delivered(figure(left.worstUm, "panLeft.worstUm", { asked }), of),
      atNearest: figure(left.atNearest.keeperChance, "panLeft.atNearest", { asked }),
    }),
  };
}
