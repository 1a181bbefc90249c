import { GROWN, MARK } from "./grown";
import type { CatalogueSubject } from "./row";

/** A child of about ten is four fifths as tall as who is grown and does three quarters of the speed (estimated). */
const SIZE = 0.8;
const SPEED = 0.75;

/** Metres and m/s as they are told: to the centimetre, and to five hundredths. */
const toHundredth = (value: number): number => Math.round(100 * value) / 100;

function young(row: CatalogueSubject): CatalogueSubject {
  return {
    ...row,
    id: row.id + MARK,
    name: `${row.name}, youth`,
    height: toHundredth(SIZE * row.height),
    depth: toHundredth(SIZE * row.depth),
    ...(row.length && { length: toHundredth(SIZE * row.length) }),
    ...(row.span && { span: toHundredth(SIZE * row.span) }),
    bodySpeed: toHundredth(SPEED * row.bodySpeed),
    fastSpeed: toHundredth(SPEED * row.fastSpeed),
    parts: row.parts.map((part) => ({
      ...part,
      speed: toHundredth(SPEED * part.speed),
      fast: toHundredth(SPEED * part.fast),
    })),
    known: "estimated",
    source: "four fifths of the size and three quarters of the speeds of the grown player, estimated",
  };
}

/** The young players of the rows that are given. */
export const youthOf = (rows: readonly CatalogueSubject[]): readonly CatalogueSubject[] =>
  Object.freeze(rows.filter(({ id }) => GROWN.includes(id)).map((row) => Object.freeze(young(row))));
