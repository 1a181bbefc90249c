import type { Lesson } from "@/answers/review/frames/lessons";
import type { SmearTold } from "@/answers/review/frames/smears";
import type { Certainty } from "@/core/review";
import { countWords, dateWords, shutterWords, stopsNoun, twoFigures } from "./format";

/** Why a file tells nothing of a press, and what to do. */
const UNREAD = {
  "no-picture": "not a kind of picture that is read here",
  "no-time": "no time of capture in it: export it with its data",
  damaged: "its header cannot be read: copy it from the card again",
} as const;

export const unreadWords = (reason: keyof typeof UNREAD): string => UNREAD[reason];

const TO_COME = "Choose the folder of the day under Pictures in.";

/** Where an outing has no frames: whether they were not looked for yet, are not there, or cannot be read. */
export const NO_FRAMES_WORDS = {
  unread: { title: "Reading what is kept…", body: TO_COME },
  read: { title: "No pictures read yet", body: TO_COME },
  failed: {
    title: "The frames that are kept cannot be read",
    body: "This browser does not give back what it keeps of this outing's frames. Nothing was changed: load the page again, or open it in a tab by itself.",
  },
} as const;

const pad = (n: number): string => String(Math.floor(n)).padStart(2, "0");

/** By how much a camera's clock is ahead: "1 h 00 min 12 s ahead", "right". */
export function aheadWords(seconds: number): string {
  const abs = Math.abs(seconds);
  if (abs < 0.05) return "right";
  const [hours, minutes, rest] = [Math.floor(abs / 3600), Math.floor((abs % 3600) / 60), abs % 60];
  const parts = [
    hours > 0 ? `${hours} h` : "",
    hours > 0 || minutes > 0 ? `${hours > 0 ? pad(minutes) : minutes} min` : "",
    `${abs < 60 ? Math.round(rest * 10) / 10 : pad(Math.round(rest) % 60)} s`,
  ];
  return `${parts.filter(Boolean).join(" ")} ${seconds > 0 ? "ahead" : "behind"}`;
}

/** "± 0.5 s", "± 15 min". */
export const errorWords = (seconds: number): string =>
  seconds >= 120 ? `± ${Math.round(seconds / 60)} min` : `± ${Math.round(seconds * 10) / 10} s`;

const SET_BY = {
  picture: "by a picture of a clock",
  tag: "by a tag",
  agreement: "by how its bursts fall into the day",
  hand: "by hand",
} as const;
export const setByWords = (by: keyof typeof SET_BY): string => SET_BY[by];

/** How many frames are matched, and how surely. */
export function certaintyWords({ sure, likely, open }: Readonly<Record<Certainty, number>>): string {
  const parts = [`${sure} sure`, likely > 0 ? `${likely} likely` : "", open > 0 ? `${open} open` : ""];
  return parts.filter(Boolean).join(", ");
}

/** "these 34 between Heat 3 and Heat 4". */
export function batchWords(frames: number, between: readonly string[]): string {
  const these = frames === 1 ? "this one" : `these ${frames}`;
  if (between.length === 0) return `${these}, outside every event`;
  return between.length === 1
    ? `${these}, beside ${between[0]}`
    : `${these} between ${between.join(" and ")}`;
}

export const framesWords = (frames: number): string => countWords(frames, "frame");

export const MARK_WORDS = { keep: "Keep", perhaps: "Perhaps", away: "Away" } as const;

/** A smear as it was measured: "14 px, 3.1 px of the delivery: 1.3 times what the model has (2.4)". */
export function smearSentence(told: SmearTold): string {
  if (!told.ok)
    return told.reason === "too-near"
      ? "The taps are on one place: tap on either side of the edge."
      : "No edge between the taps: tap across one that stands out.";
  const measured = `${twoFigures(told.px)} px, ${twoFigures(told.deliveredPx)} px of the delivery`;
  if (told.expectedPx === undefined) return `${measured}.`;
  const times = twoFigures(told.deliveredPx / told.expectedPx);
  return `${measured}: ${times} times what the model has (${twoFigures(told.expectedPx)}).`;
}

const TEMPLATE_FAULTS = {
  "not-closed": "is opened and not closed",
  "not-opened": "closes what was not opened; write \\ before it to mean the sign itself",
  "empty-field": "names no field",
} as const;

/** What is wrong with a template, where, and what to do. */
export function templateFaultWords({
  code,
  what,
  at,
  perhaps,
}: {
  readonly code: "unknown-field" | keyof typeof TEMPLATE_FAULTS;
  readonly what: string;
  readonly at: number;
  readonly perhaps?: string;
}): string {
  const where = `At sign ${at + 1}`;
  if (code !== "unknown-field") return `${where}: ${what} ${TEMPLATE_FAULTS[code]}.`;
  return `${where}: there is no field {${what}}${perhaps ? `; {${perhaps}} may be meant` : ""}.`;
}

/** One sentence for next time. */
export function lessonWords(lesson: Lesson): string {
  switch (lesson.code) {
    case "promise-missed":
      return `${lesson.shot.name} was promised and ${
        lesson.shot.taken === 0 ? "never taken" : `none was kept of ${framesWords(lesson.shot.taken)}`
      }: take it first.`;
    case "faster-shutter":
      return `${shutterWords(lesson.better.click)} kept ${ofTaken(lesson.better)}, ${shutterWords(lesson.worse.click)} only ${ofTaken(lesson.worse)}: begin at ${shutterWords(lesson.better.click)}.`;
    case "better-place":
      return `${lesson.better.key} kept ${ofTaken(lesson.better)}, ${lesson.worse.key} ${ofTaken(lesson.worse)}: stand at ${lesson.better.key}.`;
    case "light-otherwise":
      return `It was ${stopsNoun(Math.round(3 * lesson.stops))} ${lesson.stops > 0 ? "brighter" : "darker"} than planned, over ${countWords(lesson.bursts, "burst")}: take a reading on arriving.`;
    case "smear-longer":
      return `Smears came out ${twoFigures(lesson.times)} times as long as reckoned, in ${framesWords(lesson.frames)}: a faster shutter or more support.`;
  }
}

const ofTaken = ({ kept, taken }: { readonly kept: number; readonly taken: number }): string =>
  `${kept} of ${taken}`;

/** By how much a frame was lifted after it was taken: clicks, 0 or more. */
export const liftedWords = (clicks: number): string => (clicks === 0 ? "not at all" : stopsNoun(clicks));

/** Frames that were taken on another day than the outing: from YYYY-MM-DD, the outing's. */
export const otherDayWords = (frames: number, from: string, planned: string): string =>
  `${framesWords(frames)} of another day, from ${dateWords(from, Number(planned.slice(0, 4)))}; this outing is on ${dateWords(planned)}. Change its date in Brief, set the camera's clock below, or take them away.`;
