import type { Preferences } from "@/data";

/** Asks the browser, with the first own outing, not to clear away by itself what is kept here. */
export const askToPersist = (): void => void navigator.storage?.persist?.().catch(() => false);

/** When all of it was last written to a file, and since when there is work that is in no file: epoch ms. */
export interface FileMarks {
  readonly writtenAt?: number;
  readonly workSince?: number;
}

const KEY = "bp/file-marks";

export function fileMarks(): FileMarks {
  try {
    return JSON.parse(localStorage.getItem(KEY) ?? "{}") as FileMarks;
  } catch {
    return {};
  }
}

function mark(marks: FileMarks): void {
  try {
    localStorage.setItem(KEY, JSON.stringify(marks));
  } catch {
    // Without room for it nobody is reminded; the full storage itself is told.
  }
}

export function noteWork(): void {
  const marks = fileMarks();
  if (marks.workSince === undefined) mark({ ...marks, workSince: Date.now() });
}

/** All of it is in a file, or nothing of it is the user's own. */
export const noteWrittenOut = (): void => mark({ writtenAt: Date.now() });
export const forgetWork = (): void => localStorage.removeItem(KEY);

/** Marks a browser in which everything was deleted: the demo of a demo server does not come again by itself. */
export const EMPTIED = "bp/emptied";
export const wasEmptied = (): boolean => localStorage.getItem(EMPTIED) !== null;

/** Where `public/start.js` finds the theme before the first paint, when no database is open yet. */
export function markTheme({ theme, themeByLight }: Pick<Preferences, "theme" | "themeByLight">): void {
  try {
    localStorage.setItem("bp/theme", JSON.stringify({ theme, themeByLight }));
  } catch {
    // The day theme serves until the preferences are read.
  }
}

const MONTH = 30 * 86_400_000;

/** Since when work stands in this browser alone, once that is a month or more. */
export function monthOldWork(now: number): number | undefined {
  const { workSince } = fileMarks();
  return workSince !== undefined && now - workSince >= MONTH ? workSince : undefined;
}
