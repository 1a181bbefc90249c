import type { Lens } from "@/core/optics";
import type { OutingView } from "@/outing/outing-view";
import { figure, given, type Figure } from "../explain/figure";
import { picturedOf } from "../explain/pictured";
import { partSizeOf } from "../explain/place-sums";
import { groupOf, near } from "./groups";

/** The f-number that holds so many faces, each so many metres behind the one before, with the focus on the first. */
export function rowSum(view: OutingView, spacing: number, count: number): Figure | undefined {
  const group = groupOf(view, spacing, count);
  const of = picturedOf(view);
  if (!group || !of) return undefined;
  return figure(group.row.onFirst, "facesInRow.onFirst", {
    asked: of.asked,
    count: given(count, "", "shot"),
    spacing: given(spacing, "m", "shot"),
  });
}

/** How many in front of the leader are sharp with it. */
export function sharpBeforeSum(view: OutingView, spacing: number): Figure | undefined {
  const group = groupOf(view, spacing, 2);
  const of = picturedOf(view);
  if (!group || !of) return undefined;
  return figure(group.sharp.before, "groupSharp.before", {
    asked: of.asked,
    spacing: given(spacing, "m", "shot"),
  });
}

/** Metres from which another lens, drawn out, gives the wished fill. */
export function servesSum(view: OutingView, lens: Lens): Figure | undefined {
  const serves = near(view)?.serves.find((s) => s.lens.id === lens.id);
  const of = picturedOf(view);
  if (!serves || !of) return undefined;
  const { body, support } = of.input.rig;
  return figure(serves.to, "distanceForFill", {
    asked: { kind: "whole", value: { ...of.input, rig: { body, support, lens } } },
    partSize: partSizeOf(of),
  });
}

/** Metres nearer than which the lens in hand no longer takes all of it. */
export function takeOverSum(view: OutingView): Figure | undefined {
  const over = near(view)?.over;
  const of = picturedOf(view);
  if (!over || !of) return undefined;
  return figure(over.nearerThan, "takeOver.nearerThan", { asked: of.asked, partSize: partSizeOf(of) });
}
