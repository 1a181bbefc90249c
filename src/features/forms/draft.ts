import type { FieldSpec, Typed } from "./field-spec";

/**
 * What was typed into a form that was not saved yet. It outlives a reload, a step back, a tap outside and the tab, and comes
 * back when the same form is opened over the same record; saving or cancelling forgets it.
 */
interface Draft {
  /** What the fields began with: over another record, or over this one changed meanwhile, the draft does not count. */
  readonly from: Typed;
  readonly typed: Typed;
}

const keyOf = (specs: readonly FieldSpec[]): string => `bp/draft/${specs.map((s) => s.key).join(" ")}`;

const same = (a: Typed, b: Typed): boolean => JSON.stringify(a) === JSON.stringify(b);

export function recallDraft(storage: Storage, specs: readonly FieldSpec[], from: Typed): Typed | undefined {
  try {
    const draft = JSON.parse(storage.getItem(keyOf(specs)) ?? "null") as Draft | null;
    return draft && same(draft.from, from) && !same(draft.typed, from) ? draft.typed : undefined;
  } catch {
    return undefined;
  }
}

/** A draft for which there is no room is not kept: the form itself goes on. */
export function rememberDraft(storage: Storage, specs: readonly FieldSpec[], draft: Draft): void {
  try {
    storage.setItem(keyOf(specs), JSON.stringify(draft));
  } catch {
    // The storage is full or closed; saving will say so.
  }
}

export const forgetDraft = (storage: Storage, specs: readonly FieldSpec[]): void =>
  storage.removeItem(keyOf(specs));

const textKeyOf = (name: string): string => `bp/draft/text ${name}`;

/** The same for a single text, by a name of its own. */
export const recallText = (storage: Storage, name: string): string | undefined =>
  storage.getItem(textKeyOf(name)) ?? undefined;

export function rememberText(storage: Storage, name: string, text: string | undefined): void {
  try {
    if (text === undefined) storage.removeItem(textKeyOf(name));
    else storage.setItem(textKeyOf(name), text);
  } catch {
    // The field itself has it; saving will say that there is no room.
  }
}
