import {
  apertureValue,
  evOfSettings,
  readMark,
  speedValue,
  timeValue,
  type ExactSettings,
  type HalfStops,
  type Noise,
} from "@/core/exposure";
import type { OneClick } from "@/core/judge";
import { ofHundred } from "./chance";
import { apertureWords, isoWords, metresWords, shutterWords, twoFigures } from "./format";
import { verdictWords } from "./verdicts";
import { numberWords } from "./number";

/** One click of a rail, where it goes to. */
export const clickTo = ({ rail, settings }: OneClick): string =>
  rail === "shutter"
    ? shutterWords(settings.shutter)
    : rail === "aperture"
      ? apertureWords(settings.aperture)
      : isoWords(settings.iso);

/** What that does to the picture. */
export function clickDoes(click: OneClick, pixelUm: number): string {
  const { rail, brighter, verdict, blurUm, sharp, chance, noise } = click;
  const light = `1/3 stop ${brighter > 0 ? "brighter" : "darker"}`;
  if (rail === "shutter")
    return `${light}; ${verdictWords(verdict)}, ${twoFigures(blurUm / pixelUm)} px, ${ofHundred(chance)} hold`;
  if (rail === "aperture")
    return `${light}; ${sharp === "unbounded" ? "sharp to the horizon" : `${metresWords(sharp)} sharp`}`;
  return `${light}; noise ${numberWords(noise, 1)} stops above base`;
}

/** Noise by the light collected. */
export const noiseSentence = ({
  noiseAboveBase,
  belowBase,
  belowFullFrame,
  fullFrameIso,
  fullFrameIsoNominal,
}: Noise): string =>
  `${numberWords(belowBase, 1)} stops less light than this body collects at base: noise ${numberWords(noiseAboveBase, 1)} stops up. ${
    belowFullFrame < 0.05
      ? "Nothing of a whole 36×24 is given away."
      : `${numberWords(belowFullFrame, 1)} stops less than a whole 36×24 would collect: as if that stood at ISO ${Math.round(fullFrameIso / 100) * 100} (${Math.round(fullFrameIsoNominal / 100) * 100} by the usual crop factor).`
  }`;

/** Settings as a camera shows them that steps in half stops. */
export function halfStopsSentence({ shutter, aperture, iso, brighter }: HalfStops): string {
  const time = shutter >= 0.6 ? `${numberWords(shutter, 1)} s` : `1/${Math.round(1 / shutter)}`;
  const off =
    Math.abs(brighter) < 0.05
      ? "the same light"
      : `${numberWords(Math.abs(brighter), 1)} stop ${brighter > 0 ? "brighter" : "darker"}`;
  const exact = readMark({ rail: "aperture", step: "half", nominal: aperture });
  const computes =
    exact.ok && Math.abs(exact.value - aperture) > 0.05 ? ` (${numberWords(exact.value, 2)})` : "";
  return `On a camera that steps in halves: ${time}, f/${aperture}${computes}, ISO ${iso}; ${off}.`;
}

/** The exposure as its values add up (ISO 2720, Exif 2.32). */
export function apexSentence(exact: ExactSettings): string {
  const [av, tv, sv] = [apertureValue(exact.fNumber), timeValue(exact.exposure), speedValue(exact.iso)];
  const n = (value: number): string => numberWords(value, 1);
  return `Av ${n(av)} + Tv ${n(tv)} = Bv ${n(av + tv - sv)} + Sv ${n(sv)}; EV ${n(evOfSettings(exact))} at ISO 100 (ISO 2720).`;
}
