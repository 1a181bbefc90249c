import { toScreen, type PlanView } from "./view";

/** Px of a round button at the right edge of a plan, and what it keeps to either side of it. */
const BUTTON = 52;
/** Px about a mark within which a finger means the mark: a tag stands so far above its place. */
const MARK = { above: 44, beside: 22 };

/**
 * Px from the plan's top at which a button at its right edge covers none of the places, the nearest to `top` below it; `top` where
 * there is no such room.
 */
export function clearTop(
  view: PlanView,
  places: readonly { readonly x: number; readonly y: number }[],
  top: number,
): number {
  const near = places
    .map((at) => toScreen(view, at))
    .filter(({ left }) => left + MARK.beside > view.width - BUTTON && left - MARK.beside < view.width);
  const covers = (at: number): boolean =>
    near.some((mark) => mark.top + MARK.beside > at && mark.top - MARK.above < at + BUTTON);
  for (let at = top; at + BUTTON <= view.height; at += 8) if (!covers(at)) return at;
  return top;
}
