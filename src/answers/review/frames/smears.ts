import { shutterNearest } from "@/core/exposure";
import { smearExpected, type SmearExpected } from "@/core/judge";
import { sharpnessOf, smearBetween, type Pixels, type Tap } from "@/core/review";
import type { Frame } from "@/data/schema/frame";
import { settingsOf } from "@/outing/frames/judged";
import type { OutingView } from "@/outing/outing-view";
import { planInput, plannedShots } from "./planned";

/** A smear that was measured, with what the model has for it where there is a plan. */
export type SmearTold =
  | {
      readonly ok: true;
      /** Pixels of the picture. */
      readonly px: number;
      /** Pixels of the delivery. */
      readonly deliveredPx: number;
      /** What the model has for it, in pixels of the delivery. */
      readonly expectedPx?: number;
    }
  | { readonly ok: false; readonly reason: "too-near" | "no-edge" };

/** Detail in a part of a picture. */
export const sharpnessOfPixels = (pixels: Pixels): number => sharpnessOf(pixels);

/** Sides of the part that is measured, as shares of the picture's shorter side: what the plan frames, within these. */
const LEAST_PART = 0.15;
const UNPLANNED = 0.4;

/** Pixels of the square about the middle in which the subject of a shot is expected: as big as the plan frames its wished part. */
export function partExpected(
  view: OutingView,
  shotId: string | undefined,
  size: { readonly width: number; readonly height: number },
): number {
  const fill = plannedShots(view).find((s) => s.id === shotId)?.found?.sighting.fill ?? UNPLANNED;
  return Math.round(Math.min(1, Math.max(LEAST_PART, fill)) * Math.min(size.width, size.height));
}

/** What the model has for the body of a shot at the settings of a frame; absent without a plan or its settings. */
export function smearModel(
  view: OutingView,
  shotId: string | undefined,
  frame: Frame,
): (SmearExpected & { readonly sensorUm: number; readonly deliveredUm: number }) | undefined {
  const planned = plannedShots(view).find((s) => s.id === shotId);
  const input = shotId === undefined ? undefined : planInput(view, shotId);
  const settings = settingsOf(frame) ?? settingsByShutter(planned?.settings, frame);
  if (!planned?.found || !input || !settings) return undefined;
  const { format } = input.rig.body;
  return {
    ...smearExpected(input, planned.found, settings),
    sensorUm: 1000 * Math.max(format.widthMm, format.heightMm),
    deliveredUm: planned.found.motion.deliveredPixelUm,
  };
}

/** Settings of a file that tells the exposure alone: the rest as planned. */
const settingsByShutter = <T extends object>(planned: T | undefined, { exposureTime }: Frame) =>
  planned && exposureTime !== undefined ? { ...planned, shutter: shutterNearest(exposureTime) } : undefined;

/** A smear between two taps, in pixels of a picture of that size and of the delivery, beside what the model has. */
export function measuredSmear(
  view: OutingView,
  shotId: string | undefined,
  frame: Frame,
  size: { readonly width: number; readonly height: number },
  { pixels, from, to }: { readonly pixels: Pixels; readonly from: Tap; readonly to: Tap },
): SmearTold {
  const found = smearBetween(pixels, from, to);
  if (!found.ok) return { ok: false, reason: found.reason };
  const px = found.value.length;
  const longPx = Math.max(size.width, size.height);
  const model = smearModel(view, shotId, frame);
  const shot = view.outing.shots.find((s) => s.id === shotId) ?? view.shot;
  const umPerPx = model && model.sensorUm / longPx;
  return {
    ok: true,
    px,
    deliveredPx:
      model && umPerPx ? (px * umPerPx) / model.deliveredUm : (px * shot.deliveredLongEdgePx) / longPx,
    ...(model && { expectedPx: model.alongUm / model.deliveredUm }),
  };
}
