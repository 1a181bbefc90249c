import type { Outing, Preferences } from "@/data";

/** How often frames of a shot's kind were kept at a shutter on other outings; nothing where it is not in use. */
export function keptBefore(
  inUse: Preferences["learnt"],
  { subjectId, technique }: Pick<Outing["shots"][number], "subjectId" | "technique">,
  shutter: number,
  outingId: string,
): { readonly taken: number; readonly kept: number } {
  const rows = (inUse?.keepers ?? []).filter(
    (r) =>
      r.outingId !== outingId &&
      r.subjectId === subjectId &&
      r.technique === technique &&
      r.shutter === shutter,
  );
  return {
    taken: rows.reduce((sum, r) => sum + r.taken, 0),
    kept: rows.reduce((sum, r) => sum + r.kept, 0),
  };
}
