import {
  activityOf,
  soughtUnder,
  stagingOf as staged,
  SUBJECTS,
  type Activity,
  type Staging,
} from "@/core/catalogue";
import { FIGURES, type Silhouette } from "@/core/motion";
import { librarySubject } from "@/outing/begin/library-subject";
import type { Library, StoredSubject } from "@/data";

/** The subjects that ship, row by row with their sources. */
export const shippedSubjects = (): typeof SUBJECTS => SUBJECTS;

/** Every figure that a subject can be drawn as. */
export const figures = (): readonly Silhouette[] => FIGURES;

/** How a subject of the library is met; nothing for one's own. */
export const stagingOf = (subjectId: string): Staging | undefined => staged(subjectId);

/** Words by which a subject of the library is found too; empty for one's own. */
export const wordsOf = (subjectId: string): string => soughtUnder(subjectId);

/** The hours and months of a subject that keeps hours of its own; nothing for who plays when it was fixed. */
export function hoursOf(subjectId: string): Activity | undefined {
  const activity = activityOf(subjectId);
  return activity.hours.length > 0 ? activity : undefined;
}

/** The group of a subject of the library; empty for one's own. */
export const groupOf = (subjectId: string): string => SUBJECTS.find((s) => s.id === subjectId)?.group ?? "";

/** A subject as an outing keeps it, by its id: one's own, else the library's. Absent where neither has it. */
export function subjectTaken(id: string, own: Library["subjects"]): StoredSubject | undefined {
  return own.find((s) => s.id === id) ?? librarySubject(id);
}
