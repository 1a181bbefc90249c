import type { OutingCard } from "@/core/judge";
import type { CalendarEntry } from "@/outing/card-calendar";
import type { WrittenCard } from "@/outing/card-file";
import type { OutingView } from "@/outing/outing-view";
import {
  compensationWords,
  momentWords,
  setExposure,
  setLines,
  setNames,
  setsVerdict,
  settingsWords,
} from "@/words";
import { cautionSentence } from "@/words/cautions";
import { spanWords, wallOf } from "../../shot/titles";

/** Shots that have room in a line of paper. */
const NAMED = 4;

/** The card in words, with the name of the place or without. */
export function writtenCard(view: OutingView, { sets, moments }: OutingCard, hasPlace: boolean): WrittenCard {
  const { outing } = view;
  const nameOf = (id: string): string => outing.shots.find((s) => s.id === id)?.name ?? id;
  const names = setNames(sets.sets);
  return {
    title: outing.name,
    under: hasPlace ? `${spanWords(outing)} · ${outing.place}` : spanWords(outing),
    sets: sets.sets.map((set, i) => {
      const automatic = outing.choices.find((c) => set.shotIds.includes(c.shotId) && c.automatic)?.automatic;
      return {
        key: `C${i + 1}`,
        name: names[i]!,
        exposure: setExposure(set),
        lines: setLines(
          set,
          compensationWords(automatic?.compensation ?? 0),
          set.shotIds.slice(0, NAMED).map(nameOf),
        ),
      };
    }),
    verdict: [
      setsVerdict(sets, ({ shotId, at }) => `${nameOf(shotId)} at ${wallOf(view, at)}`),
      ...notOnCard(outing, sets.without, nameOf),
    ].join(" "),
    changes: moments.map(({ at, code, then }) => ({
      time: wallOf(view, at),
      words: momentWords(code),
      detail: settingsThen(then, nameOf),
    })),
    cautions: outing.cautions.map(cautionSentence),
  };
}

/** Shots that no set serves, and why. */
function notOnCard(
  { shots, choices, ground }: OutingView["outing"],
  without: readonly string[],
  nameOf: (id: string) => string,
): string[] {
  const stands = (id: string): boolean => {
    const positionId = choices.find((c) => c.shotId === id)?.positionId;
    return ground.positions.some((p) => p.id === positionId);
  };
  const nowhere = shots.filter((s) => !stands(s.id)).map((s) => s.name);
  return [
    ...(nowhere.length > 0 ? [`Not on it, without a position yet: ${nowhere.join(", ")}.`] : []),
    ...(without.length > 0
      ? [`Not on it, no picture from where it is taken: ${without.map(nameOf).join(", ")}.`]
      : []),
  ];
}

/** What is set then: once where all shots take the same. */
function settingsThen(then: OutingCard["moments"][number]["then"], nameOf: (id: string) => string): string {
  const bySettings = new Map<string, string[]>();
  for (const { shotId, settings } of then) {
    const words = settingsWords(settings);
    bySettings.set(words, [...(bySettings.get(words) ?? []), nameOf(shotId)]);
  }
  if (bySettings.size === 1) return [...bySettings.keys()][0]!;
  return [...bySettings].map(([words, names]) => `${names.join(", ")} ${words}`).join("; ");
}

/** The moments as entries of a calendar, the start of the outing among them. */
export function calendarEntries(view: OutingView, card: OutingCard, written: WrittenCard): CalendarEntry[] {
  const { outing, window } = view;
  return [
    {
      id: `${outing.id}-starts@bright-perch`,
      at: window.starts,
      title: `${outing.name} starts`,
      detail: written.sets.map((s) => `${s.key} ${s.name}: ${s.exposure}`).join("\n"),
    },
    ...card.moments.map(({ at, code }, i) => ({
      id: `${outing.id}-${i + 1}-${code}@bright-perch`,
      at,
      title: `${written.changes[i]!.words}, ${outing.name}`,
      detail: written.changes[i]!.detail,
    })),
  ];
}
