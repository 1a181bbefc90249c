import { choiceOf, type Outing } from "@/data";
import { accessSentence, countWords } from "@/words";

export interface OpenMatter {
  readonly words: string;
  readonly open: boolean;
}

const people = (n: number): string => (n === 1 ? "1 shot has" : `${n} shots have`);

/** What is still open of an outing, from what is kept alone: no computing on the list. */
export function whatIsOpen(outing: Outing): OpenMatter[] {
  const without = outing.shots.filter((s) => !choiceOf(outing, s.id)?.positionId).length;
  const readings = outing.light.readings.length;
  const wanted = outing.shots.reduce((n, s) => n + s.wanted, 0);
  return [
    {
      words: `${countWords(outing.shots.length, "shot")}, ${countWords(wanted, "picture")}`,
      open: false,
    },
    ...(!accessSentence(outing.access).settled ? [{ words: "access is not settled", open: true }] : []),
    without === 0
      ? { words: "every shot has a position", open: false }
      : { words: `${people(without)} no position yet`, open: true },
    readings === 0
      ? { words: "no light reading yet", open: true }
      : { words: `${countWords(readings, "reading")} of the light`, open: false },
  ];
}
