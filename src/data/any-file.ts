import { EVERYTHING_FORMAT, readEverything, type EverythingRead, type OnProgress } from "./everything-file";
import { fromJson, parseRecord } from "./migrate";
import { readOutingFile, type FilePicture, type OutingFileRead } from "./outing-file";
import { KIT_RECORD, LIBRARY_RECORD, OUTING_RECORD, PREFERENCES_RECORD } from "./records";
import type { TagsInFile } from "./schema/tag";
import type { Library, Outing, Preferences, StoredKit } from "./schema";

/** What a file of ours holds: outings each with the kit that it was walked with, and what is kept beside outings. */
export interface FileContents {
  readonly outings: readonly {
    readonly outing: Outing;
    readonly kit?: StoredKit;
    readonly picture?: FilePicture;
    readonly tagged?: TagsInFile;
  }[];
  readonly kit?: StoredKit;
  readonly library?: Library;
  readonly preferences?: Preferences;
  /** ISO instant. */
  readonly writtenAt?: string;
}

export type FileRead =
  | { readonly ok: true; readonly value: FileContents }
  | Extract<OutingFileRead, { ok: false }>
  | Extract<EverythingRead, { ok: false }>;

/**
 * Reads a file of any of our formats, a single record as it is stored among them. Nothing is changed anywhere; a file that
 * will not do is told where and why.
 */
export async function readFile(text: string, onProgress?: OnProgress): Promise<FileRead> {
  const raw = fromJson(text) as { readonly format?: unknown } | null | undefined;
  if (raw?.format === EVERYTHING_FORMAT) {
    const everything = await readEverything(raw, onProgress);
    if (!everything.ok) return everything;
    const { outings, tagged = {}, ...rest } = everything.value;
    const each = outings.map((outing) => {
      const own = tagged[outing.id];
      return { outing, kit: rest.kit, ...(own && { tagged: own }) };
    });
    return { ok: true, value: { ...rest, outings: each } };
  }
  const record = raw && raw.format === undefined ? asRecord(raw) : undefined;
  if (record) return { ok: true, value: record };
  const file = readOutingFile(text);
  if (!file.ok) return file;
  const { outing, kit, writtenAt, picture, tagged } = file.value;
  const outings = [{ outing, kit, ...(picture && { picture }), ...(tagged && { tagged }) }];
  return { ok: true, value: { outings, ...(writtenAt && { writtenAt }) } };
}

/** A record without a file about it, as it was carried out of a browser that could not read it, mended by hand. */
function asRecord(raw: object): FileContents | undefined {
  const outing = parseRecord(OUTING_RECORD, raw);
  if (outing.ok) return { outings: [{ outing: outing.value }] };
  const kit = parseRecord(KIT_RECORD, raw);
  if (kit.ok) return { outings: [], kit: kit.value };
  const library = parseRecord(LIBRARY_RECORD, raw);
  if (library.ok) return { outings: [], library: library.value };
  const preferences = parseRecord(PREFERENCES_RECORD, raw);
  return preferences.ok && "clock" in raw ? { outings: [], preferences: preferences.value } : undefined;
}
