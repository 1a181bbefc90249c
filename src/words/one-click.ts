import type { Noise } from "@/core/exposure";
import type { OneClick } from "@/core/judge";
import { ofHundred } from "./chance";
import { apertureWords, isoWords, metresWords, shutterWords, twoFigures } from "./format";
import { verdictWords } from "./judgements";
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
