import { asSubject, SUBJECTS } from "@/core/catalogue";
import type { StoredSubject } from "@/data";

/** A subject of the library as an outing keeps it; undefined where the library has none of the id. */
export function librarySubject(id: string): StoredSubject | undefined {
  const row = SUBJECTS.find((s) => s.id === id);
  if (!row) return undefined;
  const subject = asSubject(row);
  return { ...subject, parts: [...subject.parts] };
}
