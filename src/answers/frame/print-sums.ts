import { diagonalMm, shortEdgeMm } from "@/core/optics";
import type { OutingView } from "@/outing/outing-view";
import { figure, given, type Figure } from "../explain/figure";
import { picturedOf } from "../explain/pictured";
import { keptOf } from "../explain/place-sums";
import { depthFrom } from "../explain/sums";
import { print } from "./print";

/** What the lines of the print open to. */
export type PrintLine = "wanted" | "near" | "far" | "circle";

/** Every number of the print with its sum; nothing while there is no picture. */
export function printSums(view: OutingView): Partial<Record<PrintLine, Figure>> | undefined {
  const answer = print(view);
  const of = picturedOf(view);
  if (!answer || !of) return undefined;
  const { order, aspect, found, wanted } = answer;
  const longEdgeMm = given(order.longEdgeMm, "mm", "shot");
  const { widthMm, heightMm } = of.input.rig.body.format;
  const short = shortEdgeMm(order.longEdgeMm, aspect);
  const circle = figure(found.circleMm, "circleForDeliverable", {
    viewingDistance: given(order.viewingDistance, "m", "shot"),
    sensorDiagonalMm: figure(diagonalMm(of.input.rig.body.format), "diagonalMm", {
      widthMm: given(widthMm, "mm", "kit"),
      heightMm: given(heightMm, "mm", "kit"),
    }),
    kept: keptOf(of),
    printDiagonalMm: figure(Math.hypot(order.longEdgeMm, short), "diagonalMm", {
      widthMm: longEdgeMm,
      heightMm: figure(short, "shortEdgeMm", { longEdgeMm, aspect: given(aspect, "", "kit") }),
    }),
  });
  const depth = depthFrom(of, circle, found.depth.hyperfocal);
  return {
    wanted: figure(wanted, "pixelsWanted", {
      longEdgeMm,
      pixelsPerInch: given(order.pixelsPerInch, "per inch", "shot"),
    }),
    near: figure(found.depth.near, "depthOfField.near", depth),
    ...(found.depth.far !== "unbounded" && { far: figure(found.depth.far, "depthOfField.far", depth) }),
    circle,
  };
}
