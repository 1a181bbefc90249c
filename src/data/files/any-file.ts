import { EVERYTHING_FORMAT, readEverything, type EverythingRead, type OnProgress } from "./everything-file";
import { sameFile, valueOfFile } from "./json-file";
import { parseRecord } from "../migrate";
import { readOutingValue, type FilePicture, type OutingFileRead } from "./outing-file";
import { sameValue } from "../merge-records";
import { namesOf, ONE_KINDS, OUTING_RECORD, type RecordOf } from "../records";
import type { Frames } from "../schema/frame";
import type { TagsInFile } from "../schema/tag";
import type { Outing, StoredKit } from "../schema";

/** What a file of ours holds: outings each with the kit that it was walked with, and what is kept beside outings. */
export type FileContents = Partial<RecordOf> & {
  readonly outings: readonly {
    readonly outing: Outing;
    readonly kit?: StoredKit;
    readonly picture?: FilePicture;
    readonly tagged?: TagsInFile;
    readonly framed?: Frames;
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
export const readFile = async (file: Blob, onProgress?: OnProgress): Promise<FileRead> =>
  readValue(await valueOfFile(file), onProgress);

async function readValue(value: unknown, onProgress?: OnProgress): Promise<FileRead> {
  const raw = value as { readonly format?: unknown } | null | undefined;
  if (raw?.format === EVERYTHING_FORMAT) {
    const everything = await readEverything(raw, onProgress);
    if (!everything.ok) return everything;
    const { outings, tagged = {}, framed = {}, pictures = {}, ...rest } = everything.value;
    const each = outings.map((outing) => {
      const [own, frames, picture] = [tagged[outing.id], framed[outing.id], pictures[outing.id]];
      return {
        outing,
        kit: rest.kit,
        ...(own && { tagged: own }),
        ...(frames && { framed: frames }),
        ...(picture && { picture }),
      };
    });
    return { ok: true, value: { ...rest, outings: each } };
  }
  const record = raw && raw.format === undefined ? asRecord(raw) : undefined;
  if (record) return { ok: true, value: record };
  const file = readOutingValue(raw);
  if (!file.ok) return file;
  const { outing, kit, writtenAt, picture, tagged } = file.value;
  const outings = [{ outing, kit, ...(picture && { picture }), ...(tagged && { tagged }) }];
  return { ok: true, value: { outings, ...(writtenAt && { writtenAt }) } };
}

/**
 * Whether a file that was written here gives back, read again, all that was told to it: nothing that a schema would leave out, and
 * every byte of what goes along. `told` is as `outingInFile` or `everythingInFile` gave it.
 */
export async function readsBackWhole(told: object, file: Blob): Promise<boolean> {
  const read = await readFile(file);
  if (!read.ok) return false;
  const { outings, ...records } = read.value;
  const all = told as Record<string, unknown> & { readonly outings?: readonly object[]; outing?: object };
  const isOne = all.outings === undefined;
  const beside = (key: "tagged" | "framed" | "picture"): unknown =>
    isOne
      ? outings[0]?.[key]
      : Object.fromEntries(outings.flatMap((o) => (o[key] ? [[o.outing.id, o[key]] as const] : [])));
  const pairs: readonly (readonly [told: unknown, read: unknown])[] = [
    [all.outings ?? [{ ...all.outing, subjects: all.subjects }], outings.map((o) => o.outing)],
    [all.kit, records.kit ?? outings[0]?.kit],
    ...namesOf(ONE_KINDS)
      .filter((name) => records[name] !== undefined)
      .map((name) => [all[name], records[name]] as const),
    [isOne ? all.tagged : (all.tagged ?? {}), beside("tagged")],
    [isOne ? undefined : (all.framed ?? {}), isOne ? undefined : beside("framed")],
    [isOne ? all.picture : (all.pictures ?? {}), beside("picture")],
  ];
  for (const [mine, theirs] of pairs) {
    if (!sameValue(mine, theirs)) return false;
    const [here, there] = [filesIn(mine), filesIn(theirs)];
    if (here.length !== there.length) return false;
    for (const [i, one] of here.entries()) if (!(await sameFile(one, there[i]!))) return false;
  }
  return true;
}

/** The files within a value, by the order of its keys. */
function filesIn(value: unknown): readonly Blob[] {
  if (value instanceof Blob) return [value];
  if (typeof value !== "object" || value === null) return [];
  return Object.entries(value)
    .toSorted(([a], [b]) => (a < b ? -1 : 1))
    .flatMap(([, one]) => filesIn(one));
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
