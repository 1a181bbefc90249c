import { hasDatabase } from "../has-database";
import { OLD_OUTING_PREFIX } from "../old-names";

/** Where the last version kept its records: a journal of every write, and a copy of what stood in the small storage. */
export const JOURNAL = "bright-perch";
const OUTING = "bp/outing/";
/** Records as they stood before an older version's were raised. */
export const BEFORE = "bp/before/";
export const SEEDED = "bp/seeded";
const SINGLE = ["bp/kit", "bp/library", "bp/preferences"];

/** The small storage of the browser, as far as it is read. */
export type SmallStorage = Pick<Storage, "getItem" | "removeItem" | "key" | "length">;

/** The record that a name of the small storage belonged to; nothing where it belonged to none. */
function recordOf(name: string): string | undefined {
  if (SINGLE.includes(name) || name.startsWith(OUTING)) return name;
  if (name.startsWith(OLD_OUTING_PREFIX)) return OUTING + name.slice(OLD_OUTING_PREFIX.length);
  if (!name.startsWith(BEFORE)) return undefined;
  const rest = name.slice(BEFORE.length);
  return SINGLE.find((single) => single === `bp/${rest}`) ?? OUTING + rest;
}

/** Of each record the names under which the small storage has something of it: its own, its first one, and what stood before. */
export function formerNames(storage: SmallStorage): Map<string, string[]> {
  const found = new Map<string, string[]>();
  for (let i = 0; i < storage.length; i++) {
    const name = storage.key(i)!;
    const key = recordOf(name);
    if (key) found.set(key, [...(found.get(key) ?? []), name]);
  }
  return found;
}

/** Whether the browser has a journal of the last version; true too where it tells no names. */
export async function hasJournal(name = JOURNAL): Promise<boolean> {
  if (!hasDatabase()) return false;
  const known = await indexedDB.databases?.();
  return known?.some((db) => db.name === name) ?? true;
}

/** Whether the last version left anything here. */
export const hasFormer = async (storage: SmallStorage): Promise<boolean> =>
  formerNames(storage).size > 0 || (await hasJournal());
