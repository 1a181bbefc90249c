import { EVERYTHING_FORMAT, readEverything } from "./everything-file";
import { readOutingFile, type OutingFile, type OutingFileRead } from "./outing-file";
import type { Library, Preferences, StoredKit } from "./schema";

/** What a file of ours holds: one outing, or all of somebody's, with what they keep beside their outings. */
export interface FileContents {
  readonly files: readonly OutingFile[];
  readonly rest?: { readonly kit: StoredKit; readonly library: Library; readonly preferences: Preferences };
}

export type FileRead =
  { readonly ok: true; readonly value: FileContents } | Extract<OutingFileRead, { ok: false }>;

/** Reads a file of either format. Nothing is changed anywhere; a file that will not do is told where and why. */
export function readFile(text: string): FileRead {
  if (formatOf(text) !== EVERYTHING_FORMAT) {
    const file = readOutingFile(text);
    return file.ok ? { ok: true, value: { files: [file.value] } } : file;
  }
  const everything = readEverything(JSON.parse(text));
  if (!everything.ok) return everything;
  const { outings, kit, library, preferences } = everything.value;
  return {
    ok: true,
    value: {
      files: outings.map((outing) => ({ outing, kit, preferences })),
      rest: { kit, library, preferences },
    },
  };
}

function formatOf(text: string): unknown {
  try {
    return (JSON.parse(text) as { format?: unknown } | null)?.format;
  } catch {
    return undefined;
  }
}

/** The user's own library with what another one adds; what stands under the same id stays the user's. */
export function addToLibrary(own: Library, added: Library): Library {
  const join = <T extends { id: string }>(mine: T[], theirs: T[]): T[] => [
    ...mine,
    ...theirs.filter((t) => !mine.some((m) => m.id === t.id)),
  ];
  return {
    version: own.version,
    subjects: join(own.subjects, added.subjects),
    lightLevels: join(own.lightLevels, added.lightLevels),
    startingSettings: join(own.startingSettings, added.startingSettings),
    venues: join(own.venues, added.venues),
  };
}
