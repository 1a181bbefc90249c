import { pictureOf, type FigurePiece, type PictureInput } from "@/core/picture";
import { BLUR_CAUSES, blurQuestion, softenedBy, type BlurCause, type BlurQuestion } from "@/core/practice";
import type { OutingView } from "@/outing/outing-view";

const WIDTH = 260;

type Looked = Pick<OutingView, "input" | "found" | "frame">;

/** A question of blur about the shot in hand; nothing while it has no picture. */
export function blurAsked({ found }: Looked, seed: number): BlurQuestion | undefined {
  if (!found) return undefined;
  const { settings, rails } = found.settings;
  if (rails.shutter.last - rails.shutter.first < 9) return undefined;
  return blurQuestion({
    seed,
    planned: settings.shutter,
    first: rails.shutter.first,
    last: rails.shutter.last,
  });
}

export const blurCauses = (): readonly BlurCause[] => BLUR_CAUSES;

/** The picture to be read, with a sharp one beside it: at a shutter, or softened by one cause. */
export function blurPictures(
  { input, found, frame: view }: Looked,
  { shutter, cause }: BlurQuestion,
  asks: "shutter" | "cause",
  figure: readonly FigurePiece[],
): readonly [soft: PictureInput, sharp: PictureInput] | undefined {
  if (!input || !found || !view) return undefined;
  const width = Math.round(view.aspect < 1 ? WIDTH * Math.max(0.5, view.aspect) : WIDTH);
  const base = { input, found, view, figure, width };
  // No exposure is told by how bright it is.
  const evenly = (picture: PictureInput): PictureInput => ({ ...picture, stops: 0 });
  const sharp = evenly(pictureOf({ ...base, shutter: found.settings.settings.shutter, sharp: true }));
  return [asks === "shutter" ? evenly(pictureOf({ ...base, shutter })) : softenedBy(sharp, cause), sharp];
}
