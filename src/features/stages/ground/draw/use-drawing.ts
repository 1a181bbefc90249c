import { create } from "zustand";
import type { Point } from "@/core/ground";
import type { Beginning } from "@/outing/begin/begin-thing";
import type { PlanView } from "@/ui/plan/view";
import type { Layer } from "../drawing/layers";

/** What a press on the plan means. */
export type Tool =
  | { readonly kind: "select" }
  /** Points of a thing are tapped one after the other. */
  | { readonly kind: "tap"; readonly what: Beginning; readonly points: readonly Point[] }
  | { readonly kind: "ruler"; readonly ends: readonly Point[] };

interface Drawing {
  readonly on: boolean;
  /** The view that the plan had when drawing began. */
  readonly view: PlanView | undefined;
  /** The middle of the plan as it is looked at now, and its scale. */
  readonly middle: { readonly at: Point; readonly pxPerMetre: number } | undefined;
  /** Key of the thing that is chosen. */
  readonly chosen: string | undefined;
  /** The corner that the keys move; the whole thing when there is none. */
  readonly corner: number | undefined;
  readonly tool: Tool;
  readonly snaps: boolean;
  readonly hidden: readonly Layer[];
  readonly start: (view: PlanView | undefined, chosen?: string) => void;
  readonly stop: () => void;
  readonly lookedAt: (view: PlanView) => void;
  readonly choose: (chosen: string | undefined) => void;
  readonly takeCorner: (corner: number | undefined) => void;
  readonly take: (tool: Tool) => void;
  readonly setSnaps: (snaps: boolean) => void;
  readonly show: (layer: Layer, shown: boolean) => void;
}

const SELECT: Tool = { kind: "select" };

/** How one draws on the ground, for as long as the page lives. */
export const useDrawing = create<Drawing>((set) => ({
  on: false,
  view: undefined,
  middle: undefined,
  chosen: undefined,
  corner: undefined,
  tool: SELECT,
  snaps: true,
  hidden: [],
  start: (view, chosen) => set({ on: true, view, chosen, corner: undefined, tool: SELECT }),
  lookedAt: ({ centre, pxPerMetre }) => set({ middle: { at: centre, pxPerMetre } }),
  stop: () => set({ on: false, chosen: undefined, corner: undefined, tool: SELECT }),
  choose: (chosen) => set({ chosen, corner: undefined, tool: SELECT }),
  takeCorner: (corner) => set({ corner }),
  take: (tool) => set({ tool, chosen: undefined, corner: undefined }),
  setSnaps: (snaps) => set({ snaps }),
  show: (layer, shown) =>
    set(({ hidden }) => ({ hidden: shown ? hidden.filter((l) => l !== layer) : [...hidden, layer] })),
}));
