import type { Outing } from "@/data";
import type { Frame } from "@/data/schema/frame";
import { isJudged } from "@/outing/frames/judged";
import type { MatchedBurst } from "@/outing/frames/matched";
import type { OutingView } from "@/outing/outing-view";
import { smearModel } from "./smears";

type Evidence = NonNullable<Outing["evidence"]>;
/** A tenth of a micrometre is a fortieth of a pixel: more says nothing. */
const kept = (um: number): number => Math.round(10 * um) / 10;
/** Frames of each kind that are kept of one outing. */
const MOST = 1000;

/**
 * What an outing tells of the hands: the measured smears of bursts all of whose frames were judged, as they were followed or panned. What is
 * no movement (`restUm`) is taken from the model, and so is how fast it crossed.
 */
export function evidenceOf(view: OutingView, bursts: readonly MatchedBurst[]): Evidence {
  const tracked: Evidence["tracked"] = [];
  const panned: Evidence["panned"] = [];
  const whole = bursts.filter((b) => b.frames.every(isJudged));
  for (const { frames, shotId } of whole)
    for (const frame of frames) {
      const model = frame.smear && smearModel(view, shotId, frame);
      if (!frame.smear || !model) continue;
      const smearUm = kept((frame.smear.px * model.sensorUm) / frame.smear.longPx);
      const { exposure, umPerMetre, transverseSpeed, bob } = model;
      const [restUm, streakUm] = [kept(model.restUm), kept(model.streakUm)];
      if (model.technique === "tracked")
        tracked.push({ smearUm, restUm, exposure, umPerMetre, transverseSpeed, bob });
      if (model.technique === "panned") panned.push({ streakUm, smearUm, restUm });
    }
  const lifted = liftsOf(whole.flatMap((b) => b.frames));
  return {
    tracked: tracked.slice(0, MOST),
    panned: panned.slice(0, MOST),
    ...(lifted.length > 0 && { lifted }),
  };
}

/** By how much frames were lifted, where that was told, and how many of those were kept. */
function liftsOf(frames: readonly Frame[]): NonNullable<Evidence["lifted"]> {
  const kept = new Map<number, number>();
  for (const { told, mark } of frames)
    if (told?.lift !== undefined) kept.set(told.lift, (kept.get(told.lift) ?? 0) + (mark === "keep" ? 1 : 0));
  return [...kept].map(([click, n]) => ({ click, kept: n })).toSorted((a, b) => a.click - b.click);
}
