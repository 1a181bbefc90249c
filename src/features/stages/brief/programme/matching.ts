import { z } from "zod";
import { COLUMNS, type Matching } from "@/outing/programme/read-programme";

/** Where the matchings of tables are remembered, by their heads. */
const KEY = "bp/columns";
/** Tables that are remembered, the latest first. */
const MOST = 12;

const kept = z.array(
  z.object({ heads: z.string(), matching: z.partialRecord(z.enum(COLUMNS), z.int().min(0).max(200)) }),
);

const read = (): z.infer<typeof kept> => {
  try {
    return kept.parse(JSON.parse(localStorage.getItem(KEY) ?? "[]"));
  } catch {
    return [];
  }
};
const headsOf = (heads: readonly string[]): string => heads.join("\t").toLowerCase();

/** How the columns of a table with these heads were matched the last time. */
export const readMatching = (heads: readonly string[]): Matching | undefined =>
  read().find((k) => k.heads === headsOf(heads))?.matching;

/** Remembers it; where there is no room it is matched by hand again. */
export function rememberMatching(heads: readonly string[], matching: Matching): void {
  const mine = headsOf(heads);
  const rest = read().filter((k) => k.heads !== mine);
  try {
    localStorage.setItem(KEY, JSON.stringify([{ heads: mine, matching }, ...rest].slice(0, MOST)));
  } catch {
    // A full disk forgets how a table was matched, nothing else.
  }
}
