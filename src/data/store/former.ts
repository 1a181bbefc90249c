import { hasDatabase } from "../has-database";

/** Where the last version kept its records: a journal of every write, and a copy of what stood in the small storage. */
export const JOURNAL = "bright-perch";
const IN_SMALL = /^bp\/(outing|shoot|before|kit|library|preferences|seeded)\b/;

/** Whether the browser has a journal of the last version; true too where it tells no names. */
export async function hasJournal(name = JOURNAL): Promise<boolean> {
  if (!hasDatabase()) return false;
  const known = await indexedDB.databases?.();
  return known?.some((db) => db.name === name) ?? true;
}

/** Whether the last version left anything here. */
export const hasFormer = async (names: readonly string[]): Promise<boolean> =>
  names.some((name) => IN_SMALL.test(name)) || (await hasJournal());
