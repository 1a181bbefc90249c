import type { AperturePriority, ShadowEdge, Tones } from "@/core/judge";
import type { PictureSays } from "@/core/light";
import { clicksWords, evWords, shutterWords, stopsNoun } from "./format";
import { numberWords } from "./number";

/** What the edge of a shadow asks. */
export const edgeSentence = ({ sunEv, shadeEv, clicks }: ShadowEdge): string =>
  `In the sun ${evWords(sunEv)}, in shade ${evWords(shadeEv)}: ${clicksWords(clicks)} between. ${
    clicks > 3
      ? "More than one can click along: where play crosses it, leave the ISO to the body, or wait on one side and let the other go."
      : "Click as play crosses, or let it be a third off either way."
  } A subject half in shade: expose for the face, or for the sun and let the rest go dark.`;

const FACES: Readonly<Record<Tones["face"], string>> = {
  lit: "The sun meets the face.",
  brim: "A cap's brim shades the eyes.",
  "own-shade": "The face is in its own shade.",
};
const CHOICES = {
  "hold-whites": "Hold the whites",
  middle: "The middle",
  "hold-faces": "Hold the faces",
} as const;

export const facesSentence = ({ face }: Tones): string => FACES[face];

/** Each choice with its cost. */
export const toneLines = ({ choices }: Tones): { readonly name: string; readonly value: string }[] =>
  choices.map(({ choice, shift, whitesLost, facesLost }) => ({
    name: `${CHOICES[choice]}, ${shift === 0 ? "as metered" : `${shift > 0 ? "+" : "−"}${numberWords(Math.abs(shift), 1)}`}`,
    value:
      [
        whitesLost > 0 ? `whites burn by ${numberWords(whitesLost, 1)}` : "",
        facesLost > 0 ? `faces sink by ${numberWords(facesLost, 1)}` : "",
      ]
        .filter(Boolean)
        .join(", ") || "both held",
  }));

/** The two schools of snow and ice (common practice), with what a meter makes of it by itself. */
export const snowSentence = (clicks: number): string =>
  `A meter takes snow or ice for the middle and makes it ${stopsNoun(clicks)} too dark. Some keep a stop of that, so that its texture stays; others give it all back for the face and let the snow go white.`;

/** What aperture priority does from here. */
export const aperturePrioritySentence = ({ shutter, shortBelowEv }: AperturePriority): string =>
  `Aperture priority at this ISO gives ${shutterWords(shutter)} now, and falls short of the movement under ${evWords(shortBelowEv)}.`;

/** Clicks to turn, more light positive: "+2", "−3". */
export const turnWords = (clicks: number): string => `${clicks < 0 ? "−" : "+"}${Math.abs(clicks)}`;

/** How far something told is from the light that was found; positive is brighter. */
export const offWords = (stops: number): string =>
  Math.abs(stops) < 1 / 6
    ? "the same"
    : `${stopsNoun(Math.round(3 * Math.abs(stops)))} ${stops > 0 ? "brighter" : "darker"}`;

/** What a picture's own brightness says; good to half a stop. */
export function pictureSaysWords(says: PictureSays): string {
  if (says.kind === "too-dark") return "It is too dark to say by how much: take one that is nearer to right.";
  if (says.kind !== "off")
    return "It is too bright to say by how much, or burnt out in parts: take one that is nearer to right.";
  const clicks = Math.round(3 * says.stops);
  return clicks === 0
    ? "Its middle came out right, to half a stop."
    : `Its middle came out ${stopsNoun(Math.abs(clicks))} too ${clicks < 0 ? "dark" : "bright"}, to half a stop.`;
}
