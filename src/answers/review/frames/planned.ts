import { shutterSeconds, type Settings } from "@/core/exposure";
import { assess, keeperCurve, type AssessInput, type Assessment } from "@/core/judge";
import { effectiveLens } from "@/core/optics";
import type { PlannedShot } from "@/core/review";
import { choiceOf, type Outing } from "@/data";
import type { OutingView } from "@/outing/outing-view";

/** A shot as its plan has it, from its own position when the event was to start. */
export interface PlanOfShot extends PlannedShot {
  readonly name: string;
  /** Clicks; absent while it has no position or no picture. */
  readonly settings?: Settings;
  /** By shutter click: the chance that a frame holds its part. */
  readonly curve: ReadonlyMap<number, number>;
  readonly found?: Assessment;
}

/** Clicks either side of the planned shutter over which frames are held against the model. */
const ABOUT = 9;

/** What `assess` is asked of a shot from its own position when the event is to start; absent while it has none. */
export function planInput({ outing, window, asking }: OutingView, shotId: string): AssessInput | undefined {
  const positionId = choiceOf(outing, shotId)?.positionId;
  return positionId ? asking({ shotId, positionId, at: window.starts }) : undefined;
}

function planOf(view: OutingView, shotId: string): PlanOfShot {
  const { outing } = view;
  const { name } = outing.shots.find((s) => s.id === shotId)!;
  const positionId = choiceOf(outing, shotId)?.positionId ?? undefined;
  const input = planInput(view, shotId);
  const assessed = input && assess(input);
  const found = assessed?.ok ? assessed : undefined;
  const settings = found?.settings.settings;
  const lens = input && effectiveLens(input.rig);
  const points =
    input && found && settings
      ? keeperCurve(input, found, { from: settings.shutter - ABOUT, to: settings.shutter + ABOUT })
      : [];
  return {
    id: shotId,
    name,
    positionId,
    focalMm: lens && [lens.minFocalLengthMm, lens.maxFocalLengthMm],
    exposureTime: settings && shutterSeconds(settings.shutter),
    ...(settings && { settings }),
    curve: new Map(points.map((p) => [p.shutter, p.chance])),
    ...(found && { found }),
  };
}

interface Known {
  readonly kit: OutingView["kit"];
  readonly preferences: OutingView["preferences"];
  readonly plan: readonly PlanOfShot[];
}
/** The plans of outings that are in use: an outing is never changed in place. */
const known = new WeakMap<Outing, Known>();

/** Every shot of an outing as it was planned: what frames are matched by and held against. */
export function plannedShots(view: OutingView): readonly PlanOfShot[] {
  const { outing, kit, preferences } = view;
  const stands = known.get(outing);
  if (stands?.kit === kit && stands.preferences === preferences) return stands.plan;
  const plan = outing.shots.map((shot) => planOf(view, shot.id));
  known.set(outing, { kit, preferences, plan });
  return plan;
}
