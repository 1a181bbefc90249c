import { freeId, type Outing } from "@/data";
import type { Edit } from "./edit";

export const addSeries =
  (series: Omit<Outing["log"][number], "id">): Edit =>
  (outing) => ({ ...outing, log: [...outing.log, { ...series, id: freeId("series", outing.log) }] });

export const removeSeries =
  (id: string): Edit =>
  (outing) => ({ ...outing, log: outing.log.filter((s) => s.id !== id) });
