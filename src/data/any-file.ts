import { EVERYTHING_FORMAT, readEverything, type EverythingRead, type OnProgress } from "./everything-file";
import { fromJson, parseRecord } from "./migrate";
import { readOutingFile, type FilePicture, type OutingFileRead } from "./outing-file";
import { sameValue } from "./merge-records";
import { namesOf, ONE_KINDS, OUTING_RECORD, type RecordOf } from "./records";
import type { TagsInFile } from "./schema/tag";
import type { Outing, StoredKit } from "./schema";

/** What a file of ours holds: outings each with the kit that it was walked with, and what is kept beside outings. */
export type FileContents = Partial<RecordOf> & {
  readonly outings: readonly {
    readonly outing: Outing;
    readonly kit?: StoredKit;
    readonly picture?: FilePicture;
    readonly tagged?: TagsInFile;
  }[];
  /** ISO instant. */
  readonly writtenAt?: string;
};

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
  const { outings, ...records } = read.value;
  const isBeside = namesOf(ONE_KINDS).filter((name) => records[name] !== undefined);
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
    sameValue(raw.kit, records.kit ?? outings[0]?.kit) &&
    isBeside.every((name) => sameValue(raw[name], records[name])) &&
    beside("tagged", "tagged") &&
    beside("picture", "pictures")
  );
}

/** A record without a file about it, as it was carried out of a browser that could not read it, mended by hand. */
function asRecord(raw: object): FileContents | undefined {
  const outing = parseRecord(OUTING_RECORD, raw);
  if (outing.ok) return { outings: [{ outing: outing.value }] };
  for (const name of namesOf(ONE_KINDS)) {
    const kind = ONE_KINDS[name];
    const one = kind.knownBy in raw ? parseRecord<unknown>(kind, raw) : undefined;
    if (one?.ok) return { outings: [], [name]: one.value };
  }
  return undefined;
}
