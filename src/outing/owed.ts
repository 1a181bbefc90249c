import { timeline } from "@/core/judge";
import { lightPlanOf, plannedPosition } from "@/data";
import { askedOf, mountedFor } from "./ask";
import type { Delivery } from "./deliveries";
import type { OutingView } from "./outing-view";

/** A promise that is not kept yet, and until when the light allows it. */
export interface Owed {
  readonly shotId: string;
  readonly name: string;
  readonly left: number;
  /**
   * When it can be taken from where it is planned: as long as one is there, up to an instant, from an instant on, or not any
   * more; "unplanned" while it has no position or no kit. Epoch milliseconds.
   */
  readonly when:
    | { readonly kind: "any-time" | "too-dark" | "unplanned" }
    | { readonly kind: "before" | "from"; readonly at: number };
}

/** Milliseconds between two looks at the light: a promise is told to the ten minutes. */
const STEP = 10 * 60_000;

/** What of the brief is still owed at a minute, what has to be taken first in front. */
export function owed({ outing, kit, preferences, at, window }: OutingView): Owed[] {
  const light = lightPlanOf(outing);
  const whenOf = (shot: OutingView["outing"]["shots"][number]): Owed["when"] => {
    const position = plannedPosition(outing, shot.id);
    const asked = askedOf(outing, shot, mountedFor(outing, shot, kit), preferences);
    if (!position || !asked || at >= window.until) return { kind: "unplanned" };
    const course = { ground: outing.ground, light, from: at, until: window.until, step: STEP };
    const { points } = timeline({ ...asked, position, ...course });
    if (points.length === 0) return { kind: "unplanned" };
    const isLit = points.map((p) => p.short === 0);
    if (isLit.every(Boolean)) return { kind: "any-time" };
    const first = isLit.indexOf(true);
    if (first < 0) return { kind: "too-dark" };
    if (first > 0) return { kind: "from", at: points[first]!.at };
    return { kind: "before", at: points[isLit.indexOf(false) - 1]!.at };
  };
  return outing.shots
    .map((shot): Owed => {
      const left = Math.max(0, shot.wanted - (shot.got ?? 0));
      return { shotId: shot.id, name: shot.name, left, when: left > 0 ? whenOf(shot) : { kind: "any-time" } };
    })
    .filter((o) => o.left > 0)
    .toSorted((a, b) => urgency(a) - urgency(b));
}

/** Something that is still owed: pictures to be taken, or a delivery that somebody waits for. */
export type StillOwed =
  { readonly kind: "shot"; readonly shot: Owed } | { readonly kind: "delivery"; readonly delivery: Delivery };

/** Pictures and deliveries in the order of their hour: what the light ends, or somebody waits for, the soonest first. */
export function inOrderOfHour(shots: readonly Owed[], deliveries: readonly Delivery[]): StillOwed[] {
  return [
    ...shots.map((shot) => ({ kind: "shot", shot, hour: urgency(shot) }) as const),
    ...deliveries.map(
      (delivery) =>
        ({
          kind: "delivery",
          delivery,
          hour: delivery.due ?? urgency({ when: { kind: "any-time" } }),
        }) as const,
    ),
  ].toSorted((a, b) => a.hour - b.hour);
}

/** What ends comes before what stays, what begins later after it, what cannot be had last. */
function urgency({ when }: Pick<Owed, "when">): number {
  if (when.kind === "before") return when.at;
  return { "any-time": 1e14, from: 2e14, unplanned: 3e14, "too-dark": 4e14 }[when.kind];
}
