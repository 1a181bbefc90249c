import type { KeeperRow } from "@/core/review";
import { figure, given, type Figure } from "./figure";

/** What is said of the frames that were counted at one setting. */
export type KeeperFigure = "share" | "low" | "high";

/** A share of keepers, or a bound of where the true one lies, down to the frames that were counted. */
export function keeperSum(row: KeeperRow, which: KeeperFigure): Figure {
  const share = figure(row.share, "wilsonInterval.share", {
    kept: given(row.kept, "frames", "measured"),
    taken: given(row.taken, "frames", "measured"),
  });
  if (which === "share") return share;
  return figure(row[which], `wilsonInterval.${which}`, {
    share,
    // Frames of one burst are alike: what is reckoned with is as many as would say as much apart.
    taken: given(row.apart, "frames", "measured"),
  });
}
