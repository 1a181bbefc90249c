import { z } from "zod";
import { choiceOf, type Outing, type Window } from "@/data";

/**
 * What is looked at in an outing: the shot in hand, the position that it is looked at from, the minute. A matter of one
 * tab: two tabs look at two things, and looking writes nothing into the record.
 */
export interface Selection {
  readonly shotId: string;
  /** Null while no position was taken for the shot. */
  readonly positionId: string | null;
  /** The minute that was chosen, epoch milliseconds, and whether the outing was on when it was; the clock's while absent. */
  readonly minute?: { readonly at: number; readonly live: boolean };
}

const selectionSchema = z.object({
  shotId: z.string(),
  positionId: z.string().nullable(),
  minute: z.object({ at: z.number(), live: z.boolean() }).optional(),
});

/** The selection of a shot: from the position that is planned for it. */
export const selectShot = (outing: Outing, selection: Selection, shotId: string): Selection => ({
  ...selection,
  shotId,
  positionId: choiceOf(outing, shotId)?.positionId ?? null,
});

/** Where looking begins: with the shot that the record names, or its first. */
export const beginSelection = (outing: Outing): Selection =>
  fitSelection(outing, selectShot(outing, { shotId: outing.shotId, positionId: null }, outing.shotId));

/** The selection as far as the outing still has it: what was deleted gives way to what is planned. */
export function fitSelection(outing: Outing, selection: Selection): Selection {
  const shot = outing.shots.find((s) => s.id === selection.shotId);
  if (!shot) return selectShot(outing, selection, outing.shots[0]!.id);
  const there = outing.ground.positions.some((p) => p.id === selection.positionId);
  return there || selection.positionId === null ? selection : selectShot(outing, selection, shot.id);
}

const MINUTE = 60_000;

/** The minute that is looked at, and whether it is the device's. */
export interface Minute {
  readonly at: number;
  readonly live: boolean;
  /** Whether the outing is on: the device's clock is inside its window. */
  readonly on: boolean;
}

/**
 * The one clock of an outing. While the outing is on it is the device's, unless another minute was chosen since it began;
 * before and after it is the chosen minute, or the one that the record plans. Minutes are whole: nothing that is shown
 * changes within one. `now` in epoch milliseconds.
 */
export function minuteOf({ minute }: Selection, now: number, { from, until, planned }: Window): Minute {
  if (now < from || now > until) return { at: minute?.at ?? planned, live: false, on: false };
  return minute?.live
    ? { at: minute.at, live: false, on: true }
    : { at: now - (now % MINUTE), live: true, on: true };
}

const keyOf = (id: string): string => `bp/selection/${id}`;

/** What the tab remembers of an outing, if it does and it can be read. */
export function recallSelection(storage: Pick<Storage, "getItem">, id: string): Selection | undefined {
  try {
    const parsed = selectionSchema.safeParse(JSON.parse(storage.getItem(keyOf(id)) ?? "null"));
    return parsed.success ? parsed.data : undefined;
  } catch {
    return undefined;
  }
}

/**
 * Remembers for as long as the tab lives; a storage that refuses costs nothing but the memory. Another minute than the
 * clock's is looked at in passing while the outing is on: who opens the card again sees what to set now.
 */
export function rememberSelection(storage: Pick<Storage, "setItem">, id: string, selection: Selection): void {
  try {
    const { minute, ...rest } = selection;
    storage.setItem(keyOf(id), JSON.stringify(minute?.live ? rest : selection));
  } catch {
    // A full or forbidden storage: the selection lives on the screen alone.
  }
}
