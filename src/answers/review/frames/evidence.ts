import type { Outing } from "@/data";
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
  for (const { frames, shotId } of bursts.filter((b) => b.frames.every(isJudged)))
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
  return { tracked: tracked.slice(0, MOST), panned: panned.slice(0, MOST) };
}
