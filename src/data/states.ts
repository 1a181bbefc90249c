import type { State } from "./store/entries";

export type Way = "undo" | "redo";
type Standing = Pick<State, "revision" | "change" | "undoTo" | "redoTo">;

/** Where a step back or forth from a state leads, and what is to be noted with the state that it makes. */
export interface Step {
  /** The revision whose text is written again. */
  readonly to: number;
  readonly note: Pick<State, "change" | "undoTo" | "redoTo">;
}

/** One undo or redo from where a record stands; nothing where there is none. `states` are those of the record. */
export function stepFrom(standing: Standing, states: readonly State[], way: Way): Step | undefined {
  const to = way === "undo" ? standing.undoTo : standing.redoTo;
  if (to === undefined) return undefined;
  const { change, undoTo, redoTo } = states.find((s) => s.revision === to) ?? {};
  return { to, note: { change, undoTo, redoTo: way === "undo" ? standing.revision : redoTo } };
}

/** What was noted of a state as done in it; nothing where nothing was, as in what older versions wrote. */
export function notedIn<Change>(state: Pick<State, "change"> | undefined): Change[] {
  try {
    return JSON.parse(state?.change ?? "[]") as Change[];
  } catch {
    return [];
  }
}
