import { isoNearest } from "@/core/exposure";
import { SOURCES, type Because } from "@/core/units";
import {
  bearingWords,
  exposureWords,
  evWords,
  fNumberWords,
  isoWords,
  stopsNoun,
  focalWords,
  luxWords,
  metresWords,
  percentWords,
  signedStops,
  sizeWords,
  twoFigures,
} from "./format";

type Numbers = Readonly<Record<string, number>>;
const n = (numbers: Numbers, key: string): number => numbers[key] ?? 0;

/** One sentence per reason code; a test holds that no code of the core lacks one. */
const REASONS: Readonly<Record<string, (numbers: Numbers) => string>> = {
  "distance-in-space": (v) =>
    `${metresWords(Math.hypot(n(v, "east"), n(v, "north")))} on the plan; the aim is ${metresWords(Math.abs(n(v, "rise")))} ${n(v, "rise") < 0 ? "below" : "above"} the lens.`,
  "bearing-of-sight": (v) => `You look toward ${bearingWords(n(v, "bearing"))}.`,
  "fill-is-image-over-frame": (v) =>
    `The part measures ${sizeWords(n(v, "partSize"))} and takes ${percentWords(n(v, "fill"))} of the frame’s side at ${metresWords(n(v, "distance"))}.`,
  "focal-length-used": (v) =>
    `At ${focalWords(n(v, "focalLengthMm"))} the frame is ${metresWords(n(v, "frameUp"))} tall there.`,
  "crop-keeps": (v) =>
    n(v, "kept") < 1
      ? `Cropped to the ${percentWords(n(v, "wished"))} you want, ${Math.round(n(v, "px"))} pixels are left along the long edge.`
      : `No crop is needed for the ${percentWords(n(v, "wished"))} you want.`,
  "light-of-sun": (v) => `Direct sun gives ${luxWords(n(v, "lux"))} on the side you see.`,
  "light-of-sky": (v) => `The open sky gives ${luxWords(n(v, "lux"))}.`,
  "light-of-moon": (v) => `The moon gives ${luxWords(n(v, "lux"))} on the side you see.`,
  "light-of-ground": (v) =>
    `The ground throws back ${luxWords(n(v, "lux"))}; it returns ${percentWords(n(v, "reflectance"))} of what falls on it.`,
  "light-of-lamps": (v) =>
    `The lamps give ${luxWords(n(v, "horizontal"))} on the ground, ${percentWords(n(v, "share"))} of it on an upright subject.`,
  "light-of-masts": (v) =>
    `The lamps of ${n(v, "masts")} masts give ${luxWords(n(v, "lux"))} on the side you see, by their own intensity.`,
  "reading-offsets": (v) =>
    `Your readings correct daylight by ${signedStops(n(v, "day"))} and lamps by ${signedStops(n(v, "lamps"))} stops.`,
  "ev-from-lux": (v) =>
    `Together ${luxWords(n(v, "lux"))}, that is ${evWords(n(v, "ev"))}: EV counts stops at ISO 100, one more is twice the light.`,
  "part-speed": (v) => `It moves at ${twoFigures(n(v, "speed"))} m/s across your view after following.`,
  "speed-on-sensor": (v) =>
    `At ${metresWords(n(v, "distance"))} and ${focalWords(n(v, "focalLengthMm"))} its picture runs ${twoFigures(n(v, "mmPerSecond"))} mm a second over the sensor.`,
  tolerance: (v) =>
    `It may smear ${twoFigures(n(v, "um"))} µm, ${twoFigures(n(v, "px"))} pixels of the delivered picture.`,
  "slowest-exposure": (v) => `So the slowest shutter is ${exposureWords(n(v, "seconds"))}.`,
  "slowest-none": () => "No shutter holds it: lens and pixels alone blur more than that.",
  "slowest-any": () => "Nothing moves: any shutter holds it.",
  "streak-drawn": (v) =>
    `It crosses at ${twoFigures(n(v, "crossing"))} m/s, ${twoFigures(n(v, "mmPerSecond"))} mm a second on the sensor: ${exposureWords(n(v, "seconds"))} draws the streak you want.`,
  "lens-widest": (v) => `The lens opens to ${fNumberWords(n(v, "fNumber"))}.`,
  "depth-of-eye": () => "Only the eye’s own plane has to be sharp: wide open will do.",
  "depth-of-face": (v) =>
    `${metresWords(n(v, "depth"))} of the face should be sharp: ${fNumberWords(n(v, "fNumber"))} holds that.`,
  "depth-of-plane": (v) =>
    `Turned a little out of parallel it is ${metresWords(n(v, "depth"))} deep: ${fNumberWords(n(v, "fNumber"))} holds that.`,
  "depth-of-whole": (v) =>
    `All of it, ${metresWords(n(v, "depth"))} deep, would take ${fNumberWords(n(v, "fNumber"))}.`,
  "depth-of-two-things": (v) =>
    `Both things, ${metresWords(n(v, "depth"))} apart, would take ${fNumberWords(n(v, "fNumber"))}.`,
  "depth-given-up": (v) =>
    `${stopsNoun(Math.round(3 * n(v, "stops")))} of that depth goes first, because the light is short.`,
  "close-up-loses": (v) => `So close the lens loses ${stopsNoun(Math.round(3 * n(v, "stops")))} of light.`,
  "diffraction-from": (v) => `Diffraction would show from ${fNumberWords(n(v, "fNumber"))}.`,
  "iso-follows": (v) =>
    `Shutter and aperture ask ${(n(v, "shutter") + n(v, "aperture")).toFixed(1)} stops, the light gives ${n(v, "light").toFixed(1)}; ISO makes up ${n(v, "iso").toFixed(1)} over ISO 100.`,
  "filter-takes": (v) => `A neutral-density filter takes ${n(v, "stops")} stops.`,
  "ceiling-for-a-face": (v) =>
    `A face between actions may cost a stop more than your ceiling: up to ${isoWords(isoNearest(n(v, "iso")))}.`,
  "ceiling-of-body": (v) =>
    n(v, "short") > 0
      ? `Your ceiling is ISO ${n(v, "iso")}: ${stopsNoun(Math.round(3 * n(v, "short")))} short there.`
      : `Your ceiling is ISO ${n(v, "iso")}.`,
};

export const reasonSentence = ({ code, numbers }: Because): string => REASONS[code]?.(numbers) ?? code;

export const hasReason = (code: string): boolean => code in REASONS;

/** Where a reason comes from, or nothing when it is plain arithmetic. */
export const sourceWords = ({ source }: Because): string | undefined =>
  source ? SOURCES[source] : undefined;
