import { wayOnFoot } from "@/core/ground";
import { carriedGrams, carriedOf } from "@/outing/day/carried";
import { ownPace, paceOf } from "@/outing/pace";
import type { OutingView } from "@/outing/outing-view";
import { figure, given, type Figure } from "../explain/figure";
import { walks } from "./positions-compared";

/** Grams of all that is carried. */
export const carriedSum = ({ outing, kit }: OutingView): Figure =>
  figure(carriedGrams(outing, kit), "totalGrams", {
    asked: { kind: "whole", value: carriedOf(outing, kit) },
  });

/** Seconds of the walk from the position in hand to another; nothing where there is none. */
export function walkSum(view: OutingView, positionId: string): Figure | undefined {
  const walk = walks(view)[positionId];
  const { ground } = view.outing;
  const to = ground.positions.find(({ id }) => id === positionId)?.at;
  if (typeof walk !== "object" || !view.position || !to) return undefined;
  const asked = { ground, from: view.position.at, to };
  const way = wayOnFoot(ground, asked.from, to);
  return figure(walk.seconds, "walkSeconds", {
    metres: figure(way.ok ? way.value.metres : NaN, "wayOnFoot.metres", {
      asked: { kind: "whole", value: asked },
    }),
    pace: figure(paceOf(view), "loadedPace", {
      walkingPace: given(ownPace(view.preferences), "m/s", "measured"),
      grams: carriedSum(view),
    }),
  });
}
