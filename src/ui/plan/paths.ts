import type { Point } from "@/core/ground";
import { screenOf, type PlanView } from "@/ui/plan/view";

/** SVG path of plan points in a view. */
export function pathOf(view: PlanView, points: readonly Point[], closed: boolean): string {
  const onScreen = screenOf(view);
  let path = "";
  for (const p of points) {
    const { left, top } = onScreen(p);
    path += `${path === "" ? "M" : "L"}${tenth(left)} ${tenth(top)}`;
  }
  return closed ? `${path}Z` : path;
}

const tenth = (px: number): number => Math.round(px * 10) / 10;
