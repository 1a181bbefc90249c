import { kept } from "@/outing/kept";
import type { OutingView } from "@/outing/outing-view";

/** Results of one answer that are kept: the minute in hand, and the one before it. */
const MOST = 2;

/**
 * An answer that is worked out once: `of` names the parts of the view that it hangs on, `make` is asked anew only when one
 * of them is another object. So a folded line and its open panel share one result, and what did not change is not drawn anew.
 */
export function answered<D extends unknown[], T>(
  of: (view: OutingView) => readonly [...D],
  make: (...parts: D) => T,
  most = MOST,
): (view: OutingView) => T {
  const known = kept<D, T>(most, make);
  return (view) => known(...of(view));
}

/** The parts of a view that most answers hang on: what was asked and the picture that came of it. */
export const ofPicture = ({ input, found }: OutingView) => [input, found] as const;
