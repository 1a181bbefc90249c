import { EVERYTHING_FORMAT, readEverything, type EverythingRead, type OnProgress } from "./everything-file";
import { fromJson, parseRecord } from "./migrate";
import { readOutingFile, type FilePicture, type OutingFileRead } from "./outing-file";
import { sameValue } from "./merge-records";
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
    const { outings, tagged = {}, pictures = {}, ...rest } = everything.value;
    const each = outings.map((outing) => {
      const [own, picture] = [tagged[outing.id], pictures[outing.id]];
      return { outing, kit: rest.kit, ...(own && { tagged: own }), ...(picture && { picture }) };
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

/** Whether a text that was written here gives back, read again, all that stands in it: nothing that a schema would leave out. */
export async function readsBackWhole(text: string): Promise<boolean> {
  const raw = fromJson(text) as Record<string, unknown> & { outings?: readonly object[]; outing?: object };
  const read = await readFile(text);
  if (!read.ok) return false;
  const { outings, kit, library, preferences } = read.value;
  const told = raw.outings ?? [{ ...raw.outing, subjects: raw.subjects }];
  const beside = (key: "tagged" | "picture", of: string): boolean =>
    sameValue(
      raw.outings ? (raw[of] ?? {}) : raw[key],
      raw.outings
        ? Object.fromEntries(outings.flatMap((o) => (o[key] ? [[o.outing.id, o[key]] as const] : [])))
        : outings[0]?.[key],
    );
  return (
    sameValue(
      told,
      outings.map((o) => o.outing),
    ) &&
    sameValue(raw.kit, kit ?? outings[0]?.kit) &&
    (raw.library === undefined || sameValue(raw.library, library)) &&
    (preferences === undefined || sameValue(raw.preferences, preferences)) &&
    beside("tagged", "tagged") &&
    beside("picture", "pictures")
  );
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
