import type { Kit, Rig } from "@/core/optics";
import type { LightPlan } from "@/core/scene";
import type { Choice, Outing } from "./schema";
import { instantOf } from "./wall-time";

/** The outing's window, and its start, in epoch milliseconds. */
export function windowOf(outing: Pick<Outing, "date" | "from" | "until" | "starts" | "zone">): {
  from: number;
  until: number;
  starts: number;
} {
  const at = (time: string): number => instantOf(outing.date, time, outing.zone).at;
  return { from: at(outing.from), until: at(outing.until), starts: at(outing.starts) };
}

/** The light as the core wants it: wall times become instants. */
export function lightPlanOf(outing: Pick<Outing, "light" | "date" | "zone">): LightPlan {
  const { lamps, ...sky } = outing.light;
  if (!lamps) return sky;
  const at = (time: string): number => instantOf(outing.date, time, outing.zone).at;
  return {
    ...sky,
    lamps: { ...lamps, from: at(lamps.from), until: lamps.until === undefined ? undefined : at(lamps.until) },
  };
}

/**
 * The one clock of an outing: the device's inside the outing's window, else the minute that is planned for. Minutes are
 * whole: nothing that is shown changes within one.
 */
export function clockOf(outing: Outing, deviceNow: number): { at: number; live: boolean } {
  const { from, until } = windowOf(outing);
  if (deviceNow >= from && deviceNow <= until) return { at: deviceNow - (deviceNow % 60_000), live: true };
  return { at: instantOf(outing.date, outing.plannedAt, outing.zone).at, live: false };
}

export const choiceOf = (outing: Pick<Outing, "choices">, shotId: string): Choice | undefined =>
  outing.choices.find((c) => c.shotId === shotId);

/** What a choice mounts; `undefined` when the kit no longer has it. */
export function rigOf(choice: Choice, kit: Kit): Rig | undefined {
  const body = kit.bodies.find((b) => b.id === choice.bodyId);
  const lens = kit.lenses.find((l) => l.id === choice.lensId);
  const support = kit.supports.find((s) => s.id === choice.supportId);
  if (!body || !lens || !support) return undefined;
  const converter = kit.converters.find((c) => c.id === choice.converterId);
  return { body, lens, support, ...(converter && lens.takesConverter ? { converter } : {}) };
}
