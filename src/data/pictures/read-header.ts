import { parse } from "exifr";
import { instantOf } from "../wall-time";
import { wallOfExif } from "../wall-of-exif";
import type { Frame } from "../schema/frame";

/** What the header of a picture's file tells; what it does not tell is left out. */
export type Header = Omit<Frame, "id" | "files" | "mark" | "told" | "smear" | "deliverableIds">;

export type HeaderRead =
  | { readonly ok: true; readonly header: Header }
  | { readonly ok: false; readonly reason: "no-picture" | "no-time" | "damaged" };

interface Asked {
  /** Of the outing: a camera that writes no zone is taken to run in this one. */
  readonly timeZone: string;
  readonly keepsPlace: boolean;
}

const TAGS = [
  "Make",
  "Model",
  "BodySerialNumber",
  "SerialNumber",
  "LensModel",
  "DateTimeOriginal",
  "SubSecTimeOriginal",
  "OffsetTimeOriginal",
  "OffsetTime",
  "ExposureTime",
  "FNumber",
  "ISO",
  "FocalLength",
  "Orientation",
  "Rating",
];

/** Endings of files that a camera writes and that can be read: JPEG, HEIC, and raw forms that are TIFF within. */
const ENDINGS = /\.(jpe?g|hei[cf]|tiff?|dng|nef|nrw|arw|srf|sr2|cr2|orf|rw2|pef|raf|iiq|3fr|erf|mrw|srw)$/i;
const isPicture = (name: string): boolean => ENDINGS.test(name);

const positive = (value: unknown): number | undefined =>
  typeof value === "number" && Number.isFinite(value) && value > 0 ? value : undefined;
const text = (value: unknown): string => (typeof value === "string" ? value.replaceAll("\0", "").trim() : "");

/** Milliseconds of what a camera writes of a second: "27" is 0.27 s; undefined where it writes nothing. */
export function subSecondMs(written: unknown): number | undefined {
  const digits = /^\d{1,9}$/.exec(text(typeof written === "number" ? String(written) : written))?.[0];
  return digits === undefined ? undefined : Math.floor(1000 * Number(`0.${digits}`));
}

/** Minutes east of Greenwich of "+01:00"; undefined for anything else. */
function offsetMinutes(written: unknown): number | undefined {
  const [, sign, hours, minutes] = /^([+-])(\d\d):(\d\d)/.exec(text(written)) ?? [];
  return sign ? (sign === "-" ? -1 : 1) * (60 * Number(hours) + Number(minutes)) : undefined;
}

/** Epoch milliseconds of a wall time with seconds, in a zone that was written or else in the outing's. */
function instantWritten(exif: Record<string, unknown>, timeZone: string): number | undefined {
  const wall = wallOfExif(exif.DateTimeOriginal);
  if (!wall) return undefined;
  const seconds = Number(/:(\d\d)$/.exec(text(exif.DateTimeOriginal).slice(0, 19))?.[1] ?? 0);
  const offset = offsetMinutes(exif.OffsetTimeOriginal ?? exif.OffsetTime);
  const minute =
    offset === undefined
      ? instantOf(wall.date, wall.time, timeZone).at
      : Date.parse(`${wall.date}T${wall.time}:00Z`) - offset * 60_000;
  return minute + 1000 * seconds + (subSecondMs(exif.SubSecTimeOriginal) ?? 0);
}

/** One clock: the body by its number where it tells it, else by its name. */
function bodyOf(exif: Record<string, unknown>): string {
  const model = text(exif.Model);
  const number = text(exif.BodySerialNumber ?? exif.SerialNumber);
  return `${model || "unknown body"}${number ? ` · ${number.slice(-6)}` : ""}`.slice(0, 120);
}

const within = (value: unknown, least: number, most: number): number | undefined =>
  typeof value === "number" && Number.isInteger(value) && value >= least && value <= most ? value : undefined;

/** Rating as Exif or XMP within the file has it; XMP, which programs write later, comes first. */
const ratingOf = (exif: Record<string, unknown>, xmp: Record<string, unknown>): number | undefined =>
  within(Number(xmp.Rating ?? NaN), -1, 5) ?? within(exif.Rating, -1, 5);

/** Reads what a picture's file, or its bytes, tells of its press (Exif 2.32): of a file no more than its first parts. Its place is not read unless it is asked for. */
export async function readHeader(file: Blob | ArrayBuffer, name: string, asked: Asked): Promise<HeaderRead> {
  if (!isPicture(name)) return { ok: false, reason: "no-picture" };
  let found: Partial<Record<"ifd0" | "exif" | "xmp" | "gps", object>> | undefined;
  try {
    found = await parse(file, {
      tiff: true,
      gps: asked.keepsPlace,
      exif: { pick: TAGS },
      ifd0: { pick: TAGS },
      xmp: true,
      icc: false,
      iptc: false,
      jfif: false,
      reviveValues: false,
      translateValues: false,
      mergeOutput: false,
    } as object);
  } catch {
    return { ok: false, reason: "damaged" };
  }
  if (!found) return { ok: false, reason: "no-time" };
  const exif = { ...found.ifd0, ...found.exif } as Record<string, unknown>;
  const taken = instantWritten(exif, asked.timeZone);
  if (taken === undefined) return { ok: false, reason: "no-time" };
  return { ok: true, header: headerOf(exif, asked.keepsPlace ? found : { xmp: found.xmp ?? {} }, taken) };
}

function headerOf(
  exif: Record<string, unknown>,
  { xmp = {}, gps = {} }: { readonly xmp?: object; readonly gps?: object },
  taken: number,
): Header {
  const { latitude, longitude } = gps as Record<string, unknown>;
  const told = {
    lens: text(exif.LensModel).slice(0, 120) || undefined,
    exposureTime: positive(exif.ExposureTime),
    fNumber: positive(exif.FNumber),
    iso: positive(Array.isArray(exif.ISO) ? exif.ISO[0] : exif.ISO),
    focalLengthMm: positive(exif.FocalLength),
    rating: ratingOf(exif, xmp as Record<string, unknown>),
    orientation: within(exif.Orientation, 1, 8),
    at: typeof latitude === "number" && typeof longitude === "number" ? { latitude, longitude } : undefined,
  };
  return {
    taken,
    hasSubSeconds: subSecondMs(exif.SubSecTimeOriginal) !== undefined,
    body: bodyOf(exif),
    ...(Object.fromEntries(Object.entries(told).filter(([, value]) => value !== undefined)) as typeof told),
  } as Header;
}
