import type { PlainWords } from "@/answers/expose/in-plain-words";
import { ofHundred } from "./chance";
import { fNumberWords, stopsNoun } from "./format";

const SHUTTER: Readonly<Record<PlainWords["shutter"]["why"], (part: string) => string>> = {
  held: () => "You hold it there yourself.",
  "given-up": (part) =>
    `A little slower than the ${part} asks, since there is not the light for more. Take many and keep the sharp ones.`,
  freeze: (part) => `Short enough that the ${part} stands still in the picture.`,
  pan: () => "Slow on purpose: turn with it, smoothly, and what is behind it becomes lines.",
  streak: () => "Slow on purpose: what moves is let blur.",
  still: () => "Nothing moves much: just short enough for your hands.",
  reaction: (part) => `Short enough for a face that moves; the ${part} is sharp.`,
  context: (part) => `Short enough that the ${part} is sharp in a wide picture.`,
};

const APERTURE: Readonly<Record<PlainWords["aperture"], string>> = {
  held: "You hold it there yourself.",
  widest: "As wide as your lens opens here: all the light it can give.",
  depth: "As wide as it may be, and the subject still sharp from front to back.",
  bright: "There is light enough to close it a little: more is sharp.",
};

const ISO: Readonly<Record<PlainWords["iso"], string>> = {
  held: "You hold it there yourself.",
  lowest: "No higher than the light asks: hardly any grain.",
  "some-grain": "What the light still asks. Some grain is seen in a large print, hardly on a phone.",
  "much-grain":
    "As high as you allow. Grain is seen; a sharp picture with grain is worth more than a smooth blurred one.",
};

/** Why each of the three stands where it stands. */
export const plainLines = ({ shutter, aperture, iso }: PlainWords) =>
  ({ shutter: SHUTTER[shutter.why](shutter.part), aperture: APERTURE[aperture], iso: ISO[iso] }) as const;

/** Whether it is the best that can be had, and what would give more. */
export function bestSentence({ best, missing, openLens, brighter, shutter }: PlainWords): string {
  const more = [
    ...(openLens === undefined
      ? []
      : [`a lens that opens to ${fNumberWords(2.8)} (${stopsNoun(3 * openLens)} more)`]),
    ...(brighter ? [`${brighter.name}, where it is brighter`] : []),
  ];
  const help = more.length > 0 ? ` More light: ${more.join(", or ")}.` : "";
  const chance = ` About ${ofHundred(shutter.chance)} frames come out sharp.`;
  if (best === "all") return `Nothing is given up: this is what the picture asks.${chance}`;
  if (best === "given-up")
    return `The best that this camera and lens give in this light: opened wide, ISO at your limit, the shutter as short as is left.${chance}${help}`;
  if (best === "too-dark")
    return `Even so it comes out ${stopsNoun(3 * missing)} too dark. Wait for light, or go where there is more.${help}`;
  return "Even so it is too bright: a grey filter before the lens takes some away.";
}
