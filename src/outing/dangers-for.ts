import { dangersOf } from "@/core/catalogue";
import type { Danger } from "@/core/guard";
import { creatureOf, type Subject } from "@/core/motion";

/** Distances that nobody named are the library's larger ones: the figure tells the kind, the size tells how shy or how dangerous. */
function bySight(subject: Subject): readonly Danger[] {
  const { figure, height } = subject;
  if (creatureOf(subject) === "animal") {
    const keepOff = figure === "beast" && height >= 0.6 ? 91 : height >= 0.6 ? 23 : 15;
    return [{ kind: "animal", keepOff, known: "common-practice" }];
  }
  if (figure === "vehicle") return [{ kind: "passing", seconds: 3, beside: { straight: 30, inside: 15 } }];
  if (figure === "riding") return [{ kind: "passing", seconds: 1 }];
  return [];
}

/** What can hurt at a subject: as its row of the library has it, for one of the user's own by what it is. */
export const dangersFor = (subject: Subject): readonly Danger[] => dangersOf(subject.id) ?? bySight(subject);
