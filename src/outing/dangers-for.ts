import { dangersOf, likenedTo } from "@/core/catalogue";
import type { Danger } from "@/core/guard";
import { creatureOf, type Subject } from "@/core/motion";

/** Distances that nobody named are the library's larger ones: the figure tells the kind, the size how shy or how dangerous it is. */
function bySight(subject: Subject): readonly Danger[] {
  const { figure, height } = subject;
  if (figure === "dog") return dangersOf("dog-running")!;
  if (figure === "aircraft") return dangersOf("aircraft-jet")!;
  if (creatureOf(subject) === "animal") {
    const keepOff = figure === "beast" && height >= 0.6 ? 91 : height >= 0.6 ? 23 : 15;
    return [{ kind: "animal", keepOff, known: "common-practice" }];
  }
  if (figure === "vehicle" || figure === "motorcycle")
    return [{ kind: "passing", seconds: 3, beside: { straight: 30, inside: 15 } }];
  if (figure === "riding") return [{ kind: "passing", seconds: 1 }];
  return byTools(subject);
}

const toolsOf = ({ parts }: Pick<Subject, "parts">) => parts.filter((p) => p.partClass === "tool");
const named = (subject: Pick<Subject, "parts">): string =>
  toolsOf(subject)
    .map((p) => p.id)
    .sort()
    .join(" ");

/** What is thrown or struck is as dangerous as in the library's row with the same, the one nearest in speed. */
function byTools(subject: Subject): readonly Danger[] {
  const tools = toolsOf(subject);
  if (tools.length === 0) return [];
  const likest = likenedTo(named(subject), tools[0]!.speed);
  return likest === undefined ? [] : dangersOf(likest)!;
}

/** What can hurt at a subject: as its row of the library has it, for one of the user's own by what it is. */
export const dangersFor = (subject: Subject): readonly Danger[] => dangersOf(subject.id) ?? bySight(subject);
