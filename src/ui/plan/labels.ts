import type { ScreenPoint } from "./view";

export interface Box {
  readonly left: number;
  readonly top: number;
  readonly width: number;
  readonly height: number;
}

export interface LabelWish {
  readonly id: string;
  readonly at: ScreenPoint;
  readonly words: string;
  /** Px to keep from the mark that it names. */
  readonly clear: number;
  /** Written even where it covers a taken box, though no other label. */
  readonly must?: boolean;
}

export interface PlacedLabel extends Box {
  readonly id: string;
  readonly words: string;
}

/** Mean width of a letter over the type's size (measured on the shipped family, bold). */
const LETTER = 0.56;
export const LABEL_PADDING = 5;

export const labelWidth = (words: string, size: number): number =>
  words.length * size * LETTER + 2 * LABEL_PADDING;

export const overlaps = (a: Box, b: Box): boolean =>
  a.left < b.left + b.width &&
  b.left < a.left + a.width &&
  a.top < b.top + b.height &&
  b.top < a.top + a.height;

const within = (box: Box, frame: Box): boolean =>
  box.left >= frame.left &&
  box.top >= frame.top &&
  box.left + box.width <= frame.left + frame.width &&
  box.top + box.height <= frame.top + frame.height;

/**
 * Puts labels beside their marks so that none covers another label or a taken box: below, above, right, left; and
 * leaves out a label for which there is no room, unless it must be there. Earlier wishes go first.
 */
export function placeLabels(
  wishes: readonly LabelWish[],
  taken: readonly Box[],
  frame: Box,
  size: number,
): PlacedLabel[] {
  const placed: PlacedLabel[] = [];
  for (const wish of wishes) {
    const boxes = candidates(wish, size).filter((box) => within(box, frame));
    const clearOf = (others: readonly Box[]) => (box: Box) => !others.some((other) => overlaps(box, other));
    const spot =
      boxes.find(clearOf([...taken, ...placed])) ?? (wish.must ? boxes.find(clearOf(placed)) : undefined);
    if (spot) placed.push({ ...spot, id: wish.id, words: wish.words });
  }
  return placed;
}

function candidates({ at, words, clear }: LabelWish, size: number): Box[] {
  const width = labelWidth(words, size);
  const height = size * 1.4;
  const box = (left: number, top: number): Box => ({ left, top, width, height });
  return [
    box(at.left - width / 2, at.top + clear),
    box(at.left - width / 2, at.top - clear - height),
    box(at.left + clear, at.top - height / 2),
    box(at.left - clear - width, at.top - height / 2),
  ];
}
