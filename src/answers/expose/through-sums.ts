import type { OutingView } from "@/outing/outing-view";
import { shownAt } from "../explain/explain";
import type { Figure } from "../explain/figure";
import { picturedOf } from "../explain/pictured";
import { leftOf } from "../explain/sums";
import { through } from "./through";

/** The clicks by which the worst minute of the outing breaks a limit, as the line says them; nothing where none is broken. */
export function worstSum(view: OutingView): Figure | undefined {
  const { worst } = through(view);
  const of = worst && picturedOf(shownAt(view, { at: worst.at }));
  if (!worst || !of) return undefined;
  const which = worst.missing > 0 ? "missing" : worst.over > 0 ? "over" : "short";
  return leftOf(which)(of);
}
