import type { OutingView } from "@/outing/outing-view";
import { figure, type Figure } from "../explain/figure";
import { picturedOf } from "../explain/pictured";
import { sight } from "./in-the-way";

/** Metres from the subject to a thing behind it, as the frame shows it; nothing where it shows none. */
export function behindSum(view: OutingView, thingId: string): Figure | undefined {
  const behind = sight(view)?.behind.find(({ thing }) => thing.id === thingId);
  const of = picturedOf(view);
  if (!behind || !of) return undefined;
  return figure(behind.seen.beyond, "beyondInFrame", {
    asked: { kind: "whole", value: { ...of.input, thingId } },
  });
}
