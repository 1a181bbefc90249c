import { walkSeconds, wayOnFoot, type Area } from "@/core/ground";
import { paceOf } from "@/outing/pace";
import type { OutingView } from "@/outing/outing-view";
import { answered } from "../answered";

/** How long the walk from the position in hand to another takes, in seconds, and the crossings on it; or why there is none. */
export type WalkTo =
  | { readonly seconds: number; readonly over: readonly Area[] }
  | "here"
  | NonNullable<Exclude<ReturnType<typeof wayOnFoot>, { ok: true }>>["reason"];

const walkable = ({ outing: { ground } }: OutingView) => ground;

/** How long the walk from the position in hand to every other takes, by its id. */
export const walks = answered(
  (view) => [walkable(view), view.position, paceOf(view)] as const,
  (ground, from, pace): Readonly<Record<string, WalkTo>> =>
    Object.fromEntries(
      ground.positions.map((to) => {
        if (!from || to === from) return [to.id, "here"];
        const way = wayOnFoot(ground, from.at, to.at);
        return [
          to.id,
          way.ok ? { seconds: walkSeconds(way.value.metres, pace), over: way.value.over } : way.reason,
        ];
      }),
    ),
);
