import type { RenderedPicture } from "@/workers/long-work";

/** What a saved picture says of how it would be taken. */
export interface Taken {
  /** What is in it and from where. */
  readonly words: string;
  /** Seconds, above 0. */
  readonly seconds: number;
  /** f-number, above 0. */
  readonly fNumber: number;
  /** ISO, above 0. */
  readonly iso: number;
  /** Millimetres, above 0. */
  readonly focalLengthMm: number;
}

/** So begins what every such picture says of itself. */
const COMPUTED = "Computed, not photographed";

const QUALITY = 0.9;

/** A picture that was computed as a JPEG with its settings in Exif (2.32), without a place, and says in its description that it is computed. */
export async function computedJpeg({ width, height, bytes }: RenderedPicture, taken: Taken): Promise<Blob> {
  const { default: piexif } = await import("piexifjs");
  const canvas = document.createElement("canvas");
  canvas.width = width;
  canvas.height = height;
  const context = canvas.getContext("2d")!;
  const image = context.createImageData(width, height);
  image.data.set(bytes);
  context.putImageData(image, 0, 0);
  const { ImageIFD, ExifIFD } = piexif;
  const exif = piexif.dump({
    "0th": { [ImageIFD.ImageDescription]: `${COMPUTED}: ${taken.words}`.replaceAll(/[^\x20-\x7e]/g, "-") },
    Exif: {
      [ExifIFD.ExposureTime]: rational(taken.seconds),
      [ExifIFD.FNumber]: [Math.round(taken.fNumber * 10), 10],
      [ExifIFD.ISOSpeedRatings]: Math.round(taken.iso),
      [ExifIFD.FocalLength]: [Math.round(taken.focalLengthMm), 1],
    },
  });
  const written = piexif.insert(exif, canvas.toDataURL("image/jpeg", QUALITY));
  const binary = atob(written.slice(written.indexOf(",") + 1));
  return new Blob([Uint8Array.from(binary, (c) => c.codePointAt(0)!)], { type: "image/jpeg" });
}

/** A time as Exif writes it: 1 over a whole number, or tenths of a second. */
const rational = (seconds: number): [number, number] =>
  seconds < 0.5 ? [1, Math.round(1 / seconds)] : [Math.round(seconds * 10), 10];
