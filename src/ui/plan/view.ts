import { cosDeg, sinDeg } from "./turn";
import type { Point } from "@/core/ground";

/** A place on the drawing in px from its upper left; named apart from plan metres so that the two cannot be mixed. */
export interface ScreenPoint {
  readonly left: number;
  readonly top: number;
}

/** The one transform of a plan: metres in, px out. */
export interface PlanView {
  /** Plan metres at the middle of the drawing. */
  readonly centre: Point;
  readonly pxPerMetre: number;
  /** Bearing that points up, degrees. */
  readonly up: number;
  readonly width: number;
  readonly height: number;
}

/** The way from plan metres to px, for many places of one view. */
export function screenOf({ centre, pxPerMetre, up, width, height }: PlanView): (p: Point) => ScreenPoint {
  const [c, s] = [cosDeg(up) * pxPerMetre, sinDeg(up) * pxPerMetre];
  return ({ x, y }) => {
    const [dx, dy] = [x - centre.x, y - centre.y];
    return { left: width / 2 + dx * c - dy * s, top: height / 2 - dx * s - dy * c };
  };
}

export const toScreen = (view: PlanView, p: Point): ScreenPoint => screenOf(view)(p);

export function toPlan(view: PlanView, { left, top }: ScreenPoint): Point {
  const across = (left - view.width / 2) / view.pxPerMetre;
  const along = (view.height / 2 - top) / view.pxPerMetre;
  const c = cosDeg(view.up);
  const s = sinDeg(view.up);
  return { x: view.centre.x + across * c + along * s, y: view.centre.y - across * s + along * c };
}

/** Unit step on the screen along a bearing. */
export function screenStep(view: Pick<PlanView, "up">, bearing: number): ScreenPoint {
  return { left: sinDeg(bearing - view.up), top: -cosDeg(bearing - view.up) };
}

const LEAST = 0.05;
const MOST = 200;
const withinZoom = (pxPerMetre: number): number => Math.min(MOST, Math.max(LEAST, pxPerMetre));

/** Px to keep free on each side. */
export interface Margins {
  readonly left: number;
  readonly right: number;
  readonly top: number;
  readonly bottom: number;
}

/** The view that shows all the points as large as the size allows. */
export function fitView(
  points: readonly Point[],
  size: { readonly width: number; readonly height: number },
  up: number,
  margins: Margins,
): PlanView {
  const bare: PlanView = { centre: { x: 0, y: 0 }, pxPerMetre: 1, up, width: 0, height: 0 };
  const seen = points.map((p) => toScreen(bare, p));
  const lefts = seen.map((p) => p.left);
  const tops = seen.map((p) => p.top);
  const span = (values: number[]) => Math.max(1, Math.max(...values) - Math.min(...values));
  const free = {
    width: Math.max(1, size.width - margins.left - margins.right),
    height: Math.max(1, size.height - margins.top - margins.bottom),
  };
  const pxPerMetre = withinZoom(Math.min(free.width / span(lefts), free.height / span(tops)));
  const middle: ScreenPoint = {
    left: (Math.max(...lefts) + Math.min(...lefts)) / 2 - (margins.left - margins.right) / 2 / pxPerMetre,
    top: (Math.max(...tops) + Math.min(...tops)) / 2 - (margins.top - margins.bottom) / 2 / pxPerMetre,
  };
  return { centre: toPlan(bare, middle), pxPerMetre, up, ...size };
}

/** Zoomed by a factor with the place under a screen point held still. */
export function zoomAt(view: PlanView, at: ScreenPoint, factor: number): PlanView {
  const held = toPlan(view, at);
  const zoomed = { ...view, pxPerMetre: withinZoom(view.pxPerMetre * factor) };
  const moved = toPlan(zoomed, at);
  return { ...zoomed, centre: { x: view.centre.x + held.x - moved.x, y: view.centre.y + held.y - moved.y } };
}

/** Moved so that what was at `from` lies at `to`. */
export function panFromTo(view: PlanView, from: ScreenPoint, to: ScreenPoint): PlanView {
  const a = toPlan(view, from);
  const b = toPlan(view, to);
  return { ...view, centre: { x: view.centre.x + a.x - b.x, y: view.centre.y + a.y - b.y } };
}

export const screenDistance = (a: ScreenPoint, b: ScreenPoint): number =>
  Math.hypot(a.left - b.left, a.top - b.top);
