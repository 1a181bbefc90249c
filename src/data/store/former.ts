import { hasDatabase } from "../has-database";

/** Where the last version kept its records: a journal of every write, and a copy of what stood in the small storage. */
export const JOURNAL = "bright-perch";
/** Where it kept what lies beside outings. */
export const FORMER_TAGS = "bright-perch-tags";
export const FORMER_PICTURES = "bright-perch-pictures";
const IN_SMALL = /^bp\/(outing|shoot|before|kit|library|preferences|seeded)\b/;

/** Whether the browser has one of these databases; true too where it tells no names. */
export async function hasOneOf(...names: readonly string[]): Promise<boolean> {
  if (!hasDatabase()) return false;
  const known = await indexedDB.databases?.();
  return known?.some((db) => names.includes(db.name!)) ?? true;
}

/** Whether the last version left anything here. */
export const hasFormer = async (names: readonly string[]): Promise<boolean> =>
  names.some((name) => IN_SMALL.test(name)) || (await hasOneOf(JOURNAL, FORMER_TAGS, FORMER_PICTURES));
