import { meterSees } from "@/core/catalogue";
import {
  apertureFNumber,
  apertureNearest,
  isoNearest,
  isoSpeed,
  shutterNearest,
  shutterSeconds,
  type Settings,
} from "@/core/exposure";
import { meterPixels, pictureSays, rightMedianOf, type PictureMetered, type PictureSays } from "@/core/light";
import type { OutingView } from "@/outing/outing-view";

/** What of a picture's middle is measured. */
export type Metered = Pick<PictureMetered, "median" | "clipped">;

/** Measures the middle of a picture: bytes of red, green, blue and opacity, row by row. */
export const meteredOf = ({
  data,
  width,
  height,
}: {
  readonly data: Uint8ClampedArray;
  readonly width: number;
  readonly height: number;
}): Metered => meterPixels(data, width, height);

/** The settings nearest to what a camera wrote: seconds, f-number and ISO speed, each above 0. */
export const settingsWritten = (seconds: number, fNumber: number, iso: number): Settings => ({
  shutter: shutterNearest(seconds),
  aperture: apertureNearest(fNumber),
  iso: isoNearest(iso),
});

/** Settings as a camera writes them: seconds, f-number and ISO speed. */
export const asWritten = ({ shutter, aperture, iso }: Settings) => ({
  exposureTime: shutterSeconds(shutter),
  fNumber: apertureFNumber(aperture),
  iso: isoSpeed(iso),
});

/** What a picture of the body in hand says of its light, its middle filled by something; the usual middle when left out. */
export const pictureTells = (
  { rig }: Pick<OutingView, "rig">,
  metered: Metered,
  filling?: string,
): PictureSays =>
  pictureSays({
    ...metered,
    rightMedian: rig?.body.rightMedian,
    ...(filling === undefined ? {} : { reflectance: meterSees(filling).reflectance }),
  });

/** The median that pictures of a body have when they are right, by one that a person calls right. */
export const rightByThis = (metered: Metered, filling: string): number =>
  rightMedianOf({ ...metered, reflectance: meterSees(filling).reflectance });
