import { useMemo } from "react";
import { asSubject, STAGINGS, SUBJECTS } from "@/core/catalogue";
import type { Subject } from "@/core/motion";
import type { StoredSubject } from "@/data";
import type { Pickable } from "@/ui/controls/matching";
import { speedWords } from "@/words";
import { useOwnSubjects } from "../store/library";

const plainSubject = (subject: ReturnType<typeof asSubject>): StoredSubject => ({
  ...subject,
  parts: [...subject.parts],
});

const detailOf = ({ bodySpeed, parts, known }: Pick<Subject, "bodySpeed" | "parts" | "known">): string =>
  [`body ${speedWords(bodySpeed)}`, ...parts.map((p) => `${p.name} ${speedWords(p.speed)}`), known].join(
    ", ",
  );

/** Subjects to choose from: the user's own first, then the library; and each as an outing keeps it. */
export function useSubjectChoice(): {
  readonly items: readonly Pickable[];
  readonly take: (id: string) => StoredSubject;
} {
  const own = useOwnSubjects();
  return useMemo(() => {
    const items = [
      ...own.map((s) => ({ key: s.id, title: s.name, detail: `yours, ${detailOf(s)}` })),
      ...SUBJECTS.map((s) => ({
        key: s.id,
        title: s.name,
        detail: `${s.group}, ${detailOf(s)}`,
        words: STAGINGS.get(s.id)?.words,
      })),
    ];
    const take = (id: string): StoredSubject => {
      const mine = own.find((s) => s.id === id);
      if (mine) {
        const { source: _, ...subject } = mine;
        return subject;
      }
      const row = SUBJECTS.find((s) => s.id === id);
      if (!row) throw new Error(`no subject ${id} in the library; choose one of its list`);
      return plainSubject(asSubject(row));
    };
    return { items, take };
  }, [own]);
}
