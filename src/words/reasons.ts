import { isoNearest } from "@/core/exposure";
import type { Reason, ReasonCode, ReasonNumbers } from "@/core/judge";
import { SOURCES, type SourceId } from "@/core/units";
import { holdsAnyway } from "./brief";
import { numberWords } from "./number";
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

interface ReasonOf<Code extends ReasonCode> {
  readonly code: Code;
  readonly numbers: ReasonNumbers[Code];
}

const holdsWords = (fNumber: number): string =>
  holdsAnyway(fNumber) ? "any aperture holds that" : `${fNumberWords(fNumber)} holds that`;

/** One sentence for every reason that the core gives: the compiler holds that none lacks one, nor a number in it. */
const REASONS: { readonly [Code in ReasonCode]: (numbers: ReasonNumbers[Code]) => string } = {
  "distance-in-space": (v) =>
    `${metresWords(Math.hypot(v.east, v.north))} on the plan; the aim is ${metresWords(Math.abs(v.rise))} ${v.rise < 0 ? "below" : "above"} the lens.`,
  "bearing-of-sight": (v) => `You look toward ${bearingWords(v.bearing)}.`,
  "fill-is-image-over-frame": (v) =>
    `The part measures ${sizeWords(v.partSize)} and takes ${percentWords(v.fill)} of the frame’s side at ${metresWords(v.distance)}.`,
  "focal-length-used": (v) =>
    `At ${focalWords(v.focalLengthMm)} the frame is ${metresWords(v.frameUp)} tall there.`,
  "crop-keeps": (v) =>
    v.kept < 1
      ? `Cropped to the ${percentWords(v.wished)} you want, ${Math.round(v.px)} pixels are left along the long edge.`
      : `No crop is needed for the ${percentWords(v.wished)} you want.`,
  "light-of-sun": (v) => `Direct sun gives ${luxWords(v.lux)} on the side you see.`,
  "light-of-sky": (v) => `The open sky gives ${luxWords(v.lux)}.`,
  "light-of-moon": (v) => `The moon gives ${luxWords(v.lux)} on the side you see.`,
  "light-of-ground": (v) =>
    `The ground throws back ${luxWords(v.lux)}; it returns ${percentWords(v.reflectance)} of what falls on it.`,
  "light-of-lamps": (v) =>
    `The lamps give ${luxWords(v.horizontal)} on the ground, ${percentWords(v.share)} of it on an upright subject.`,
  "light-of-masts": (v) =>
    `The lamps of ${v.masts} masts give ${luxWords(v.lux)} on the side you see, by their own intensity.`,
  "zone-offset": (v) => `This light zone is set ${signedStops(v.stops)} stops against the ground about it.`,
  "reading-offsets": (v) =>
    `What you measured corrects daylight by ${signedStops(v.day)} and lamps by ${signedStops(v.lamps)} stops.`,
  "ev-from-lux": (v) =>
    `Together ${luxWords(v.lux)}, that is ${evWords(v.ev)}: EV counts stops at ISO 100, one more is twice the light.`,
  "part-speed": (v) => `It moves at ${twoFigures(v.speed)} m/s across your view after following.`,
  "speed-on-sensor": (v) =>
    `At ${metresWords(v.distance)} and ${focalWords(v.focalLengthMm)} its picture runs ${twoFigures(v.mmPerSecond)} mm a second over the sensor.`,
  tolerance: (v) =>
    `It may smear ${twoFigures(v.um)} µm, ${twoFigures(v.px)} pixels of the delivered picture.`,
  "slowest-exposure": (v) => `So the slowest shutter is ${exposureWords(v.seconds)}.`,
  "slowest-none": () => "No shutter holds it: lens and pixels alone blur more than that.",
  "slowest-any": () => "Nothing moves: any shutter holds it.",
  "streak-drawn": (v) =>
    `It crosses at ${twoFigures(v.transverseSpeed)} m/s, ${twoFigures(v.mmPerSecond)} mm a second on the sensor: ${exposureWords(v.seconds)} draws the streak you want.`,
  "lens-widest": (v) => `The lens opens to ${fNumberWords(v.fNumber)}.`,
  "depth-of-eye": () => "Only the eye’s own plane has to be sharp: wide open will do.",
  "depth-of-face": (v) => `${metresWords(v.depth)} of the face should be sharp: ${holdsWords(v.fNumber)}.`,
  "depth-of-plane": (v) =>
    `Turned a little out of parallel it is ${metresWords(v.depth)} deep: ${holdsWords(v.fNumber)}.`,
  "depth-of-whole": (v) => `All of it, ${metresWords(v.depth)} deep, would take ${fNumberWords(v.fNumber)}.`,
  "depth-of-two-things": (v) =>
    `Both things, ${metresWords(v.depth)} apart, would take ${fNumberWords(v.fNumber)}.`,
  "depth-given-up": (v) => `${stopsNoun(v.clicks)} of that depth goes first, because the light is short.`,
  "close-up-loses": (v) => `So close the lens loses ${stopsNoun(Math.round(3 * v.stops))} of light.`,
  "exposed-for-sky": (v) =>
    `It is exposed for the sky behind, ${evWords(v.ev)}: the subject stands dark before it.`,
  "netting-takes": (v) => `The netting takes ${numberWords(v.stops, 1)} stops of light.`,
  "glass-takes": (v) => `The glass takes ${numberWords(v.stops, 1)} stops of light.`,
  "diffraction-from": (v) => `Diffraction would show from ${fNumberWords(v.fNumber)}.`,
  "iso-follows": (v) =>
    `Shutter and aperture ask ${numberWords(v.shutter + v.aperture, 1)} stops, the light gives ${numberWords(v.light, 1)}; ISO makes up ${numberWords(v.iso, 1)} over ISO 100.`,
  "filter-takes": (v) => `A neutral-density filter takes ${v.stops} stops.`,
  "ceiling-for-a-face": (v) =>
    `A face between actions may cost all the ISO that you allow, up to ${isoWords(isoNearest(v.iso))}, before its depth does.`,
  "ceiling-of-body": (v) =>
    v.short > 0
      ? `Your ceiling is ISO ${v.iso}: ${stopsNoun(v.short)} short there.`
      : `Your ceiling is ISO ${v.iso}.`,
};

export const reasonSentence = <Code extends ReasonCode>({ code, numbers }: ReasonOf<Code>): string =>
  REASONS[code](numbers);

/** A source by its name, at the beginning of a line. */
export const sourceName = (source: SourceId): string => SOURCES[source].replace(/^./, (c) => c.toUpperCase());

/** Where a reason comes from, or nothing when it is plain arithmetic. */
export const sourceWords = ({ source }: Reason): string | undefined => (source ? SOURCES[source] : undefined);
