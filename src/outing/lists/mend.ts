import { linesOf } from "./rows";

/** A list with one of its lines written anew; the others stay as they are, with their breaks. */
export function mended(text: string, line: number, now: string): string {
  const lines = linesOf(text);
  return lines.map((l) => (l.line === line ? now : l.text)).join("\n");
}
