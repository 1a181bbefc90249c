import { z } from "zod";
import { faultsOf, faultsUnder, parseRecord, type Fault, type Parsed } from "./migrate";
import { KIT_RECORD, LIBRARY_RECORD, PREFERENCES_RECORD, OUTING_RECORD } from "./records";
import { withOutingsNamed } from "./old-names";
import { pictureSchema, writtenAtSchema, type FilePicture } from "./outing-file";
import { tagsInFileSchema, type TagsInFile } from "./schema/tag";
import type { Library, Preferences, Outing, StoredKit } from "./schema";

export const EVERYTHING_FORMAT = "bright-perch-everything";
const FILE_VERSION = 2;

/** All that one photographer keeps, as one file: `{ format, version, outings, kit, library, preferences, writtenAt }`. */
export interface Everything {
  readonly outings: readonly Outing[];
  readonly kit: StoredKit;
  readonly library: Library;
  readonly preferences: Preferences;
  /** When it was written: an ISO instant; not in files of older versions. */
  readonly writtenAt?: string;
  /** What was tagged, by the id of its outing. */
  readonly tagged?: Readonly<Record<string, TagsInFile>>;
  /** What is traced over, by the id of its outing. */
  readonly pictures?: Readonly<Record<string, FilePicture>>;
}

export type EverythingRead =
  | { readonly ok: true; readonly value: Everything }
  | {
      readonly ok: false;
      readonly reason: "newer-version" | "faults" | "stopped";
      readonly faults: readonly Fault[];
    };

/** Called between two parts of a long work; false stops it. */
export type OnProgress = (done: number, of: number) => Promise<boolean>;

const envelopeSchema = z.object({
  format: z.literal(EVERYTHING_FORMAT),
  version: z.int(),
  outings: z.array(z.unknown()),
  kit: z.unknown(),
  library: z.unknown(),
  preferences: z.unknown(),
  writtenAt: writtenAtSchema,
  tagged: z.record(z.string(), tagsInFileSchema).optional(),
  pictures: z.record(z.string(), pictureSchema).optional(),
});

export const writeEverything = (everything: Everything): string =>
  `${JSON.stringify({ format: EVERYTHING_FORMAT, version: FILE_VERSION, ...everything }, null, 2)}\n`;

/** Outings read between two looks at whether to go on. */
const AT_ONCE = 20;

/** Reads parsed JSON of the format; every record passes its own schema, and one fault refuses the whole file. */
export async function readEverything(raw: unknown, onProgress?: OnProgress): Promise<EverythingRead> {
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
  const kit = parseRecord(KIT_RECORD, file.kit);
  const library = parseRecord(LIBRARY_RECORD, file.library);
  const preferences = parseRecord(PREFERENCES_RECORD, file.preferences);
  const read = outings.flatMap((s) => (s.ok ? [s.value] : []));
  if (read.length === outings.length && kit.ok && library.ok && preferences.ok)
    return {
      ok: true,
      value: {
        outings: read,
        kit: kit.value,
        library: library.value,
        preferences: preferences.value,
        ...(writtenAt && { writtenAt }),
        ...(file.tagged && { tagged: file.tagged }),
        ...(file.pictures && { pictures: file.pictures }),
      },
    };
  const faults = [
    ...outings.flatMap((s, i) => under(`outings.${i}`, s)),
    ...under("kit", kit),
    ...under("library", library),
    ...under("preferences", preferences),
  ];
  return { ok: false, reason: "faults", faults };
}

const under = (place: string, parsed: Parsed<unknown>): Fault[] =>
  parsed.ok ? [] : faultsUnder(place, parsed.faults);
