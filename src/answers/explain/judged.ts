import type { JudgementCode } from "@/core/judge";
import type { Explained } from "./explain";

/**
 * The figure that the number of a judgement opens to. Codes that are left out say no number, or one that no figure of the picture is.
 */
export const JUDGED: Readonly<Partial<Record<JudgementCode, Explained>>> = {
  "partly-hidden": "hidden",
  "out-of-reach": "fill",
  overfilled: "fill",
  "does-not-fit": "fill",
  "against-the-sun": "turn",
  flicker: "framesApart",
  "through-mesh": "meshAway",
  "keep-off": "peril",
  "with-care": "peril",
  shimmer: "distance",
  haze: "distance",
  dust: "distance",
  "through-glass": "glassLoss",
  "seen-from-behind": "faceTurn",
  "background-busy": "busiest",
  "pixels-short": "keptPx",
  "light-short": "short",
  "light-over": "over",
  "motion-not-held": "chance",
  "filter-needed": "filter",
  "no-shutter-holds": "tolerance",
};
