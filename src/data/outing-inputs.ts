import type { Position } from "@/core/ground";
import type { Kit, Rig } from "@/core/optics";
import type { LightPlan } from "@/core/scene";
import type { Choice, Outing } from "./schema";
import { instantOf } from "./wall-time";

/** What the times of an outing hang on. */
export type Times = Pick<Outing, "date" | "from" | "until" | "starts" | "plannedAt" | "timeZone">;

/** The times of an outing in epoch milliseconds. */
export interface Window {
  readonly from: number;
  readonly until: number;
  readonly starts: number;
  /** The minute that is planned for. */
  readonly planned: number;
}

export function windowOf({ date, timeZone, ...times }: Times): Window {
  const at = (time: string): number => instantOf(date, time, timeZone).at;
  return {
    from: at(times.from),
    until: at(times.until),
    starts: at(times.starts),
    planned: at(times.plannedAt),
  };
}

/** The light as the core wants it: wall times become instants. */
export function lightPlanOf(outing: Pick<Outing, "light" | "date" | "timeZone">): LightPlan {
  const { lamps, ...sky } = outing.light;
  if (!lamps) return sky;
  const at = (time: string): number => instantOf(outing.date, time, outing.timeZone).at;
  return {
    ...sky,
    lamps: { ...lamps, from: at(lamps.from), until: lamps.until === undefined ? undefined : at(lamps.until) },
  };
}

export const choiceOf = (outing: Pick<Outing, "choices">, shotId: string): Choice | undefined =>
  outing.choices.find((c) => c.shotId === shotId);

/** The position that a shot is planned from; none while it has no position. */
export const plannedPosition = (
  outing: Pick<Outing, "choices" | "ground">,
  shotId: string,
): Position | undefined => {
  const planned = choiceOf(outing, shotId)?.positionId;
  return outing.ground.positions.find((p) => p.id === planned);
};

/** What a choice mounts; `undefined` when the kit no longer has it. */
export function rigOf(choice: Choice, kit: Kit): Rig | undefined {
  const body = kit.bodies.find((b) => b.id === choice.bodyId);
  const lens = kit.lenses.find((l) => l.id === choice.lensId);
  const support = kit.supports.find((s) => s.id === choice.supportId);
  if (!body || !lens || !support) return undefined;
  const converter = kit.converters.find((c) => c.id === choice.converterId);
  return { body, lens, support, ...(converter && lens.takesConverter ? { converter } : {}) };
}
