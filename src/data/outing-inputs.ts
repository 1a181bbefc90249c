import type { Position } from "@/core/ground";
import type { Kit, Rig } from "@/core/optics";
import type { LightPlan } from "@/core/scene";
import type { Choice, Outing } from "./schema";
import { byClock, lampSpans, type Times } from "./times";

/** The light as the core wants it: wall times become instants. */
export function lightPlanOf(outing: Omit<Times, "starts" | "plannedAt"> & Pick<Outing, "light">): LightPlan {
  const { lamps, cloudHours, ...still } = outing.light;
  const sky =
    cloudHours && cloudHours.length > 0 ? { ...still, cloudCourse: byClock(outing, cloudHours) } : still;
  if (!lamps) return sky;
  const [first, ...further] = lampSpans(outing, lamps);
  return { ...sky, lamps: { ...lamps, until: undefined, ...first, further } };
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
  const lens = body?.builtIn ?? kit.lenses.find((l) => l.id === choice.lensId);
  const support = kit.supports.find((s) => s.id === choice.supportId);
  if (!body || !lens || !support) return undefined;
  const converter = kit.converters.find((c) => c.id === choice.converterId);
  return { body, lens, support, ...(converter && lens.takesConverter ? { converter } : {}) };
}
