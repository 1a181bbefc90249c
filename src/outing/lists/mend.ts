import { linesOf } from "./rows";

/** A list with one of its lines written anew; the others stay as they are, with their breaks. */
export function mended(text: string, line: number, now: string): string {
  const lines = linesOf(text);
  return lines.map((l) => (l.line === line ? now : l.text)).join("\n");
}

/** "30 and 15", "30/20/10" as minutes before the start of each call, the first call first; undefined where it cannot be read. */
export function callsTyped(text: string): number[] | undefined {
  const calls = (text.match(/\d+/g) ?? []).map(Number);
  const readable = text.replace(/\d+|\band\b|\bmin(?:utes?)?\b|\bbefore\b|[\s,;/&+.–-]/gi, "") === "";
  return readable && calls.length <= 3 && calls.every((c) => c <= 600)
    ? calls.sort((a, b) => b - a)
    : undefined;
}
