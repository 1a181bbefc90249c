import { eventKindOf, type EventKind } from "@/core/catalogue";
import type { Outing } from "@/data";
import { kindsToPlace } from "../programme/arrange";
import type { Role } from "./columns";
import { daysOf } from "./day-of";
import type { EventDraft, ReadList } from "./drafts";
import { readList, shapeOf, type Shape } from "./read-list";
import type { Table } from "./read-table";

/** A pasted text with its shape, as it was recognised and as it is read; `remembered` is what was said of the columns of such a table before. */
export function readPasted(
  text: string,
  outing: Outing,
  remembered: (table: Table) => readonly Role[] | undefined,
): { readonly recognised: Shape; readonly shape: Shape; readonly read: ReadList } {
  const recognised = shapeOf(text);
  const shape =
    recognised.kind === "table"
      ? { ...recognised, roles: remembered(recognised) ?? recognised.roles }
      : recognised;
  return { recognised, shape, read: readList(text, daysOf(outing), shape) };
}

/** The kinds of events of a list that have no place on the ground yet and are met on its venue. */
export const kindsOf = (events: readonly EventDraft[], outing: Outing): EventKind[] =>
  kindsToPlace(
    outing,
    events.map((e) => eventKindOf(e.name)),
  );
