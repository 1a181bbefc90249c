import { freeId, sameValue, type Outing } from "@/data";
import type { Edit } from "./edit";

export const addSeries =
  (series: Omit<Outing["log"][number], "id">): Edit =>
  (outing) => ({ ...outing, log: [...outing.log, { ...series, id: freeId("series", outing.log) }] });

export const removeSeries =
  (id: string): Edit =>
  (outing) => ({ ...outing, log: outing.log.filter((s) => s.id !== id) });

/** The log of an outing with what was judged in place of what was judged before; the same where nothing changed. */
export function logWithJudged(log: Outing["log"], judged: Outing["log"]): Outing["log"] {
  const next = [...log.filter((s) => s.bursts === undefined), ...judged];
  return sameValue(next, log) ? log : next;
}

/** Learns of an outing, or forgets it: its counts and pictures stay as they are. */
export const learnFrom =
  (evidence: Outing["evidence"]): Edit =>
  ({ evidence: _, ...outing }) =>
    evidence ? { ...outing, evidence } : outing;

/** Counts what was judged of frames: it stands in place of what was counted of them before. */
export const countJudged =
  (judged: Outing["log"]): Edit =>
  (outing) => ({ ...outing, log: logWithJudged(outing.log, judged) });
