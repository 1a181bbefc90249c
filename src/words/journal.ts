import type { Journal, JournalMoment } from "@/answers/review/journal";
import { countWords, settingsWords, signedStops } from "./format";

const framesOf = (taken: number, kept: number): string =>
  taken === 0 ? "" : `${countWords(taken, "frame")}, ${kept} kept`;

/** A moment of the day: "Drag flick from B: 12 frames, 3 kept, 1/1250 f/2.8 ISO 3200". */
export function momentWords(moment: JournalMoment): string {
  switch (moment.kind) {
    case "there":
      return "There.";
    case "left":
      return "Left.";
    case "event":
      return [moment.name, framesOf(moment.taken, moment.kept)].filter(Boolean).join(": ");
    case "reading":
      return Math.abs(moment.brighter) < 0.17
        ? `Light read${moment.zone ? ` at ${moment.zone}` : ""}: as planned.`
        : `Light read${moment.zone ? ` at ${moment.zone}` : ""}: ${signedStops(moment.brighter)} stops against the plan.`;
    case "series": {
      const what = [moment.shot ?? "Pictures of no shot", moment.position && `from ${moment.position}`]
        .filter(Boolean)
        .join(" ");
      return `${what}: ${[
        framesOf(moment.taken, moment.kept),
        moment.settings && settingsWords(moment.settings),
      ]
        .filter(Boolean)
        .join(", ")}`;
    }
  }
}

/** What a day was, in a sentence or two. */
export function openingWords({ taken, kept, shots }: Journal): string {
  const promised = shots.filter((s) => s.wanted > 0);
  const had = promised.filter((s) => s.kept >= s.wanted).length;
  const counted =
    taken > 0
      ? `${countWords(taken, "frame")} were counted, ${kept} of them kept.`
      : "Nothing was counted yet.";
  return promised.length === 0
    ? counted
    : `${countWords(promised.length, "shot")} promised, ${had === promised.length ? "all of them" : had} had. ${counted}`;
}

/** A shot in the journal: "3 of 12 kept, 2 wanted". */
export const journalShotWords = ({ wanted, taken, kept }: Journal["shots"][number]): string =>
  `${taken > 0 ? `${kept} of ${taken} kept` : "nothing counted"}${wanted > 0 ? `, ${wanted} wanted` : ""}`;
