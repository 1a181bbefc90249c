import type { Certainty } from "@/core/review";
import { countWords } from "./format";

/** Why a file tells nothing of a press, and what to do. */
const UNREAD = {
  "no-picture": "not a kind of picture that is read here",
  "no-time": "no time of capture in it: export it with its data",
  damaged: "its header cannot be read: copy it from the card again",
} as const;

export const unreadWords = (reason: keyof typeof UNREAD): string => UNREAD[reason];

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
