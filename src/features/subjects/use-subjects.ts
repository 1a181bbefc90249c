import { useMemo } from "react";
import { shippedSubjects, subjectTaken, wordsOf } from "@/answers/library/subjects";
import type { Subject } from "@/core/motion";
import type { Pickable } from "@/ui/controls/matching";
import { speedWords } from "@/words";
import { EMPTY_LIBRARY, type StoredSubject } from "@/data";
import { favouriteKey, favouritesFirst } from "@/outing/library/favourites";
import { useOwnLibrary } from "../store/library";

const detailOf = ({ bodySpeed, parts, known }: Pick<Subject, "bodySpeed" | "parts" | "known">): string =>
  [`body ${speedWords(bodySpeed)}`, ...parts.map((p) => `${p.name} ${speedWords(p.speed)}`), known].join(
    ", ",
  );

/** Subjects to choose from: favourites first, then the user's own, then the library; and each as an outing keeps it. */
export function useSubjectChoice(): {
  readonly items: readonly Pickable[];
  readonly take: (id: string) => StoredSubject;
} {
  const library = useOwnLibrary().own ?? EMPTY_LIBRARY;
  return useMemo(() => {
    const own = library.subjects;
    const all = [
      ...own.map((s) => ({ key: s.id, title: s.name, detail: `yours, ${detailOf(s)}` })),
      ...shippedSubjects().map((s) => ({
        key: s.id,
        title: s.name,
        detail: `${s.group}, ${detailOf(s)}`,
        words: wordsOf(s.id),
      })),
    ];
    const items = favouritesFirst(all, library, (s) => favouriteKey("subjects", s.key));
    const take = (id: string): StoredSubject => {
      const subject = subjectTaken(id, own);
      if (!subject) throw new Error(`no subject ${id} in the library; choose one of its list`);
      return subject;
    };
    return { items, take };
  }, [library]);
}
