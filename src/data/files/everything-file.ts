import { z } from "zod";
import { faultsOf, faultsUnder, parseRecord, type Fault, type Parsed } from "../migrate";
import { namesOf, ONE_KINDS, OUTING_RECORD, type Kinds, type OneKind, type RecordOf } from "../records";
import { withOutingsNamed } from "../old-names";
import { pictureSchema, writtenAtSchema, type FilePicture } from "./outing-file";
import { framesSchema, type Frames } from "../schema/frame";
import { tagsInFileSchema, type TagsInFile } from "../schema/tag";
import type { Outing } from "../schema";

export const EVERYTHING_FORMAT = "bright-perch-everything";
const FILE_VERSION = 2;

/** All that one photographer keeps, as one file: `{ format, version, outings, …the records beside them, writtenAt }`. */
export type Everything<R = RecordOf> = R & {
  readonly outings: readonly Outing[];
  /** When it was written: an ISO instant; not in files of older versions. */
  readonly writtenAt?: string;
  /** What was tagged, by the id of its outing. */
  readonly tagged?: Readonly<Record<string, TagsInFile>>;
  /** Frames that were read, by the id of their outing. */
  readonly framed?: Readonly<Record<string, Frames>>;
  /** What is traced over, by the id of its outing. */
  readonly pictures?: Readonly<Record<string, FilePicture>>;
};

export type EverythingRead<R = RecordOf> =
  | { readonly ok: true; readonly value: Everything<R> }
  | {
      readonly ok: false;
      readonly reason: "newer-version" | "faults" | "stopped";
      readonly faults: readonly Fault[];
    };

/** Called between two parts of a long work; false stops it. */
export type OnProgress = (done: number, of: number) => Promise<boolean>;

const envelopeSchema = z.looseObject({
  format: z.literal(EVERYTHING_FORMAT),
  version: z.int(),
  outings: z.array(z.unknown()),
  writtenAt: writtenAtSchema,
  tagged: z.record(z.string(), tagsInFileSchema).optional(),
  framed: z.record(z.string(), framesSchema).optional(),
  pictures: z.record(z.string(), pictureSchema).optional(),
});

/** All of it as its file says it; `jsonFile` writes it. */
export const everythingInFile = (everything: Everything): object => ({
  format: EVERYTHING_FORMAT,
  version: FILE_VERSION,
  ...everything,
});

/** Outings read between two looks at whether to go on. */
const AT_ONCE = 20;

/** Reads parsed JSON of the format; every record passes its own schema, and one fault refuses the whole file. */
export async function readEverything<R extends object = RecordOf>(
  raw: unknown,
  onProgress?: OnProgress,
  kinds = ONE_KINDS as unknown as Kinds<R>,
): Promise<EverythingRead<R>> {
  const envelope = envelopeSchema.safeParse(withOutingsNamed(raw));
  if (!envelope.success) return { ok: false, reason: "faults", faults: faultsOf(envelope.error) };
  const { version, writtenAt, ...file } = envelope.data;
  if (version > FILE_VERSION)
    return {
      ok: false,
      reason: "newer-version",
      faults: [{ path: "version", message: `version ${version} is newer than ${FILE_VERSION}` }],
    };
  const outings: Parsed<Outing>[] = [];
  for (const outing of file.outings) {
    if (outings.length % AT_ONCE === 0 && (await onProgress?.(outings.length, file.outings.length)) === false)
      return { ok: false, reason: "stopped", faults: [] };
    outings.push(parseRecord(OUTING_RECORD, outing));
  }
  const records = namesOf(kinds).map((name) => [name, recordOf(kinds[name], file[name])] as const);
  const read = outings.flatMap((s) => (s.ok ? [s.value] : []));
  const beside = records.flatMap(([name, one]) => (one.ok ? [[name, one.value] as const] : []));
  if (read.length === outings.length && beside.length === records.length)
    return {
      ok: true,
      value: {
        ...(Object.fromEntries(beside) as R),
        outings: read,
        ...(writtenAt && { writtenAt }),
        ...(file.tagged && { tagged: file.tagged }),
        ...(file.framed && { framed: file.framed }),
        ...(file.pictures && { pictures: file.pictures }),
      },
    };
  const faults = [
    ...outings.flatMap((s, i) => under(`outings.${i}`, s)),
    ...records.flatMap(([name, one]) => under(name, one)),
  ];
  return { ok: false, reason: "faults", faults };
}

/** A kind that a file of an older version does not know is as it begins. */
const recordOf = <T>(kind: OneKind<T>, raw: unknown): Parsed<T> =>
  raw === undefined && kind.begins !== undefined ? { ok: true, value: kind.begins } : parseRecord(kind, raw);

const under = (place: string, parsed: Parsed<unknown>): Fault[] =>
  parsed.ok ? [] : faultsUnder(place, parsed.faults);
