import { z } from "zod";
import { faultsOf, faultsUnder, fromJson, parseRecord, type Fault } from "../migrate";
import { kitNamedBy, SHELVES, withKitNames, type Shelf } from "../kit-named";
import { ONE_KINDS, OUTING_RECORD } from "../records";
import { withOutingNamed } from "../old-names";
import { bytesWithin, withBytes } from "../schema/bytes-in-file";
import { tagsInFileSchema, type TagsInFile } from "../schema/tag";
import type { Preferences, Outing, StoredKit } from "../schema";

const FORMAT = "bright-perch-outing";
const FILE_VERSION = 2;

/**
 * One outing as a file: `{ format, version, outing, kit, subjects, preferences, picture, tagged }`. Kit and subjects are snapshots of
 * what the outing uses, so that it can be assessed anywhere.
 */
export interface OutingFile {
  readonly outing: Outing;
  readonly kit: StoredKit;
  readonly preferences: Preferences;
  /** When it was written: an ISO instant; not in files of older versions. */
  readonly writtenAt?: string;
  /** The picture that is traced over, where its owner wants it to go along. */
  readonly picture?: FilePicture;
  /** What was tagged, and spoken with it. */
  readonly tagged?: TagsInFile;
}

/** A picture within a file. */
export type FilePicture = z.infer<typeof pictureSchema>;

export type OutingFileRead =
  | { readonly ok: true; readonly value: OutingFile }
  | {
      readonly ok: false;
      readonly reason: "not-json" | "foreign" | "newer-version" | "faults";
      readonly faults: readonly Fault[];
    };

/** What cannot be read as an instant is left out: nothing hangs on it. */
export const writtenAtSchema = z.iso.datetime().optional().catch(undefined);

/** Bytes of a picture: more than a plan that was photographed has. */
const MOST_BYTES = 30_000_000;
/** Letters of a picture's name. */
const MOST_NAME = 200;
const px = z.int().min(1).max(20_000);
const finite = z.number().min(-1e6).max(1e6);

export const pictureSchema = withBytes(
  z.object({
    name: z.string().max(MOST_NAME),
    type: z.enum(["image/png", "image/jpeg", "image/webp", "image/gif"]),
    base64: bytesWithin(MOST_BYTES),
    width: px,
    height: px,
    lie: z.object({
      at: z.object({ x: finite, y: finite }),
      bearing: z.number().min(0).max(360),
      metresPerPx: z.number().min(1e-6).max(1e4),
      shows: z.number().min(0.05).max(1),
    }),
  }),
);

const envelopeSchema = z.object({
  format: z.literal(FORMAT),
  version: z.int(),
  outing: z.record(z.string(), z.unknown()),
  kit: z.unknown(),
  subjects: z.array(z.unknown()),
  preferences: z.unknown(),
  writtenAt: writtenAtSchema,
  picture: pictureSchema.optional(),
  tagged: tagsInFileSchema.optional(),
});

/** An outing as its file says it; `jsonFile` writes it. */
export function outingInFile(all: OutingFile): object {
  const { kit, preferences } = all;
  const outing = withKitThere(all.outing, kit);
  const { subjects, ...rest } = outing;
  return {
    format: FORMAT,
    version: FILE_VERSION,
    outing: rest,
    kit: kitUsed(outing, kit),
    subjects,
    preferences,
    writtenAt: all.writtenAt,
    ...(all.picture && { picture: all.picture }),
    ...(all.tagged && { tagged: all.tagged }),
  };
}

/** The name of a picture as a file takes it: its end says what it is, and stays. */
export const pictureName = (name: string): string => name.slice(-MOST_NAME);

const hasThing = (kit: StoredKit, shelf: Shelf, id: string): boolean =>
  kit[shelf].some((item) => item.id === id);

/** An outing that names no kit that was removed since: the first of its kind stands in its place, as on the screens. */
const withKitThere = (outing: Outing, kit: StoredKit): Outing =>
  withKitNames(outing, (shelf, id, isChosen) => {
    if (!isChosen || hasThing(kit, shelf, id)) return id;
    return shelf === "converters" ? null : kit[shelf][0]!.id;
  });

/** What the outing names, in its bag too: of it the best is mounted where a choice is not packed. Supports are kept whole: they are few, and the hand must always be among them. */
function kitUsed(outing: Outing, kit: StoredKit): StoredKit {
  const named = new Set(kitNamedBy(outing).map(({ shelf, id }) => `${shelf}/${id}`));
  const used = SHELVES.filter((shelf) => shelf !== "supports").map(
    (shelf) => [shelf, kit[shelf].filter(({ id }) => named.has(`${shelf}/${id}`))] as const,
  );
  return { ...kit, ...Object.fromEntries(used) };
}

/** Reads an outing's file. Nothing is changed anywhere; a file that will not do is told where and why. */
export const readOutingFile = (text: string): OutingFileRead => readOutingValue(fromJson(text));

/** The same of its value; undefined is what is no JSON. */
export function readOutingValue(raw: unknown): OutingFileRead {
  if (raw === undefined)
    return { ok: false, reason: "not-json", faults: [{ path: "", message: "it is not JSON" }] };
  const envelope = envelopeSchema.safeParse(withOutingNamed(raw));
  if (!envelope.success) {
    const foreign = (raw as { format?: unknown } | null)?.format !== FORMAT;
    return { ok: false, reason: foreign ? "foreign" : "faults", faults: faultsOf(envelope.error) };
  }
  if (envelope.data.version > FILE_VERSION)
    return {
      ok: false,
      reason: "newer-version",
      faults: [
        { path: "version", message: `version ${envelope.data.version} is newer than ${FILE_VERSION}` },
      ],
    };
  return readParts(envelope.data);
}

function readParts(file: z.infer<typeof envelopeSchema>): OutingFileRead {
  const outing = parseRecord(OUTING_RECORD, { ...file.outing, subjects: file.subjects });
  const kit = parseRecord(ONE_KINDS.kit, file.kit);
  const preferences = parseRecord(ONE_KINDS.preferences, file.preferences);
  if (outing.ok && kit.ok && preferences.ok) {
    const faults = faultsUnder("outing", kitFaults(outing.value, kit.value));
    if (faults.length > 0) return { ok: false, reason: "faults", faults };
    const { writtenAt, picture, tagged } = file;
    return {
      ok: true,
      value: {
        outing: outing.value,
        kit: kit.value,
        preferences: preferences.value,
        ...(writtenAt && { writtenAt }),
        ...(picture && { picture }),
        ...(tagged && { tagged }),
      },
    };
  }
  const faults = [
    ...(outing.ok ? [] : faultsUnder("outing", outing.faults)),
    ...(kit.ok ? [] : faultsUnder("kit", kit.faults)),
    ...(preferences.ok ? [] : faultsUnder("preferences", preferences.faults)),
  ];
  return { ok: false, reason: "faults", faults };
}

/** Kit that a choice names and the kit at hand lacks. */
const kitFaults = ({ choices }: Outing, kit: StoredKit): Fault[] =>
  kitNamedBy({ choices, bag: null })
    .filter(({ shelf, id }) => !hasThing(kit, shelf, id))
    .map(({ id, path }) => ({ path, message: `${id} is not in the kit` }));
