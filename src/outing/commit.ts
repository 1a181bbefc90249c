import { outingFaults, type Fault, type Outing } from "@/data";
import type { Edit } from "./edits";

/** An edit that may be kept, or a refusal that tells where and why and changes nothing. */
export type Committed =
  | { readonly ok: true; readonly value: Outing }
  | { readonly ok: false; readonly reason: "faults"; readonly faults: readonly Fault[] };

/**
 * The one way from an edit to an outing that is kept: what the schema would not read again is refused before it is
 * written. The outing handed in is never changed.
 */
export function commit(outing: Outing, edit: Edit): Committed {
  const next = edit(outing);
  const faults = outingFaults(next);
  return faults.length === 0 ? { ok: true, value: next } : { ok: false, reason: "faults", faults };
}
