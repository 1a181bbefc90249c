import type { Outing } from "@/data";
import type { Edit } from "./edit";

type Walk = NonNullable<Outing["walks"]>[number];

/** Walks that are kept of one outing. */
const MOST = 200;

const over = ({ walks }: Outing): Walk[] => (walks ?? []).filter((w) => w.there !== undefined);

/** Somebody leaves: one walk is timed at a time. */
export const leaving =
  (walk: Omit<Walk, "there">): Edit =>
  (outing) => ({ ...outing, walks: [...over(outing), walk].slice(-MOST) });

/** Somebody is there: epoch milliseconds. */
export const arrived =
  (there: number): Edit =>
  (outing) => ({ ...outing, walks: outing.walks?.map((w) => (w.there === undefined ? { ...w, there } : w)) });

/** Times the walk that is going on no longer. */
export const undoWalk: Edit = (outing) => ({ ...outing, walks: over(outing) });
