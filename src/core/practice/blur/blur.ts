import type { PictureInput } from "../../picture";
import { evenFrom } from "../../units";
import { shuffled } from "../run/shuffled";

/** What made a picture soft. */
export const BLUR_CAUSES = ["subject", "hand", "focus", "noise"] as const;
export type BlurCause = (typeof BLUR_CAUSES)[number];

/** A picture to be read: which shutter it was, or what made it soft. */
export interface BlurQuestion {
  /** Click. */
  readonly shutter: number;
  /** Clicks to choose from, the true one among them, from the slowest. */
  readonly shutters: readonly number[];
  readonly cause: BlurCause;
}

/** Clicks between the shutters to choose from: a stop is what an eye tells apart. */
const APART = 3;

/** A question from a seed: four shutters a stop apart about the planned one, within the body's. Throws where they do not fit. */
export function blurQuestion({
  seed,
  planned,
  first,
  last,
}: {
  readonly seed: number;
  /** Click of the plan. */
  readonly planned: number;
  /** First and last click of the body. */
  readonly first: number;
  /** Click, at least nine after `first`. */
  readonly last: number;
}): BlurQuestion {
  if (last - first < 3 * APART)
    throw new Error(
      `four shutters a stop apart do not fit from ${first} to ${last}; give a body of nine clicks and more`,
    );
  const random = evenFrom(seed);
  const slowest = Math.min(
    last - 3 * APART,
    Math.max(first, planned - 3 * APART + APART * Math.floor(3 * random())),
  );
  const shutters = [0, 1, 2, 3].map((i) => slowest + APART * i);
  return {
    shutter: shutters[Math.floor(4 * random())]!,
    shutters,
    cause: shuffled(BLUR_CAUSES, random)[0]!,
  };
}

/** Share of the picture's width by which a cause blurs so that it is seen (assumed), and how strong the noise is then. */
const SEEN = 0.014;
const NOISE = 0.28;

/** A sharp picture made soft by one cause alone: the same amount on the drawing, whichever it is. */
export function softenedBy(sharp: PictureInput, cause: BlurCause): PictureInput {
  const px = SEEN * sharp.width;
  switch (cause) {
    case "subject":
      return { ...sharp, layers: moving(sharp, { length: 2 * px, direction: 0 }) };
    case "hand":
      return { ...sharp, gauss: { across: px / 3, up: px / 1.4 } };
    case "focus":
      return {
        ...sharp,
        layers: sharp.layers.map((l) => ({ ...l, disc: l.disc > px ? l.disc / 3 : l.disc + 2 * px })),
      };
    case "noise":
      return { ...sharp, noise: NOISE };
  }
}

/** The subject smeared, the place about it as it was. */
const moving = ({ layers }: PictureInput, smear: { readonly length: number; readonly direction: number }) =>
  layers.map((layer) => (layer.isSubject ? { ...layer, smear } : layer));
