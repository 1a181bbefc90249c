import type { Outing } from "@/data";
import { edited, type Edit } from "./edit";

/** What is said of the outing as a whole. */
export const editOuting =
  (
    edit: Partial<
      Pick<
        Outing,
        "access" | "cautions" | "bag" | "notes" | "weather" | "packing" | "arrangements" | "deliverables"
      >
    >,
  ): Edit =>
  (outing) => ({ ...outing, ...edit });

/** What falls over the outing, or nothing. */
export const setFalling =
  (falls: "rain" | "snow" | undefined): Edit =>
  (outing) => ({ ...outing, weather: { ...outing.weather, falls } });

/** Something that somebody waited for is out. */
export const deliver =
  (id: string): Edit =>
  (outing) => ({ ...outing, deliverables: edited(outing.deliverables ?? [], id, { done: true }) });

/** The place that is kept and that the outing belongs to, or none. */
export const belongsTo =
  (placeId: string | undefined): Edit =>
  ({ placeId: _, ...outing }) =>
    placeId === undefined ? outing : { ...outing, placeId };
