import type { Point } from "@/core/ground";
import { toScreen, type PlanView } from "@/ui/plan/view";

/** SVG path of plan points in a view. */
export function pathOf(view: PlanView, points: readonly Point[], closed: boolean): string {
  const steps = points.map((p, i) => {
    const { left, top } = toScreen(view, p);
    return `${i === 0 ? "M" : "L"}${left.toFixed(1)} ${top.toFixed(1)}`;
  });
  return steps.join("") + (closed ? "Z" : "");
}
