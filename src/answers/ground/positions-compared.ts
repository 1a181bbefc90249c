import { paceOf } from "@/outing/pace";
import type { OutingView } from "@/outing/outing-view";
import { answered } from "../answered";
import { walkThrough } from "./brief-places";

/** Seconds on foot from the position in hand to another; "here" for itself, "no-way" where none leads. */
export type WalkTo = number | "here" | "no-way";

const walkable = ({ outing: { ground } }: OutingView) => ground;

/** How long the walk from the position in hand to every other takes, by its id. */
export const walks = answered(
  (view) => [walkable(view), view.position, paceOf(view)] as const,
  (ground, from, pace): Readonly<Record<string, WalkTo>> =>
    Object.fromEntries(
      ground.positions.map((to) => {
        if (!from || to === from) return [to.id, "here"];
        const metres = walkThrough(ground, [from.at, to.at]);
        return [to.id, metres === undefined ? "no-way" : metres / pace];
      }),
    ),
);
