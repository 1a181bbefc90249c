import { meteredOf, settingsWritten, type Metered } from "@/answers/expose/picture-light";
import type { Settings } from "@/core/exposure";
import { wallOfExif, type WallOfExif } from "@/data/wall-of-exif";

/** What a picture's own file tells of its light. */
export interface PictureTold extends Metered {
  readonly settings: Settings;
  /** When it was taken by the camera's own clock, without a zone; undefined where the file does not say. */
  readonly taken?: WallOfExif;
}

export type PictureRead =
  | { readonly ok: true; readonly told: PictureTold }
  | { readonly ok: false; readonly reason: "no-picture" | "no-settings" };

/** Longest side in pixels to which a picture is drawn to be metered. */
const METERED = 256;
const TAGS = ["ExposureTime", "FNumber", "ISO", "DateTimeOriginal"];

/** Reads the settings from a picture's Exif (2.32) and meters its middle. Nothing of the file is kept. */
export async function readPicture(file: File): Promise<PictureRead> {
  const pixels = await pixelsOf(file);
  if (!pixels) return { ok: false, reason: "no-picture" };
  const { parse } = await import("exifr");
  const exif: unknown = await parse(file, { pick: TAGS, reviveValues: false }).catch(() => undefined);
  const { ExposureTime: seconds, FNumber: fNumber, ISO: iso, DateTimeOriginal: taken } = Object(exif);
  if (!(seconds > 0) || !(fNumber > 0) || !(iso > 0)) return { ok: false, reason: "no-settings" };
  return {
    ok: true,
    told: {
      settings: settingsWritten(seconds, fNumber, iso),
      taken: wallOfExif(taken),
      ...meteredOf(pixels),
    },
  };
}

/** The pixels of a picture, made small enough to be metered; nothing where it is none. */
export async function pixelsOf(file: Blob): Promise<ImageData | undefined> {
  try {
    const whole = await createImageBitmap(file);
    const by = Math.min(1, METERED / Math.max(whole.width, whole.height));
    const [width, height] = [
      Math.max(1, Math.round(whole.width * by)),
      Math.max(1, Math.round(whole.height * by)),
    ];
    const canvas = document.createElement("canvas");
    Object.assign(canvas, { width, height });
    const context = canvas.getContext("2d");
    context?.drawImage(whole, 0, 0, width, height);
    whole.close();
    return context?.getImageData(0, 0, width, height);
  } catch {
    return undefined;
  }
}
