import { countWords } from "./format";

/** What was tagged, in a line. */
export function tagWords({
  kind,
  names,
  words,
  seconds,
}: {
  readonly kind: "person" | "lane" | "colour" | "word" | "voice" | "heat";
  readonly names: readonly string[];
  readonly words?: string;
  readonly seconds?: number;
}): string {
  const who =
    names.length > 3 ? `${names.slice(0, 2).join(", ")} and ${names.length - 2} more` : names.join(", ");
  const what = {
    person: words ?? "",
    lane: `lane ${words}`,
    colour: words ?? "",
    word: words ?? "",
    voice: words ?? `spoken, ${Math.round(seconds ?? 0)} s`,
    heat: ["the whole heat", words].filter(Boolean).join(", "),
  }[kind];
  return [who, what].filter(Boolean).join(", ");
}

/** Seconds of a stop-watch: "0:07.4", "12:30.0". */
export function watchWords(seconds: number): string {
  const tenths = Math.floor(Math.max(0, seconds) * 10);
  const [minutes, rest] = [Math.floor(tenths / 600), (tenths % 600) / 10];
  return `${minutes}:${rest.toFixed(1).padStart(4, "0")}`;
}

/** What found no room, and what to do. */
export function unkeptSentence(tags: number, sounds: number, full: boolean): string {
  const what = [tags > 0 ? countWords(tags, "tag") : "", sounds > 0 ? countWords(sounds, "spoken note") : ""]
    .filter(Boolean)
    .join(" and ");
  const why = full ? "there is no room left in this browser" : "this browser keeps nothing here";
  return `Not kept: ${what}, since ${why}. Save them as files now, or make room and try again; they are on this page alone.`;
}
