import { inGroup, type CatalogueSubject, type SubjectRow } from "./row";

/** Ids of grown players of team sports whose young ones the library has too. */
const GROWN = [
  "hockey-runner",
  "ice-hockey-skater",
  "football-runner",
  "football-goalkeeper",
  "rugby-runner",
  "gridiron-runner",
  "australian-mark",
  "hurling-striker",
  "lacrosse-shot",
  "basketball-drive",
  "handball-throw",
  "volleyball-attack",
  "netball-shot",
];

/** A child of about ten is four fifths as tall as who is grown and does three quarters of the speed (estimated). */
const SIZE = 0.8;
const SPEED = 0.75;

/** Metres and m/s as they are told: to the centimetre, and to five hundredths. */
const toHundredth = (value: number): number => Math.round(100 * value) / 100;

const MARK = "-youth";

function young({ group: _, ...row }: CatalogueSubject): SubjectRow {
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
  inGroup("team sport", rows.filter(({ id }) => GROWN.includes(id)).map(young));

/** The grown player whose figure, ground, dangers and places a young one shares; the id itself for anybody else. */
export const grownOf = (id: string): string => {
  const grown = id.endsWith(MARK) ? id.slice(0, -MARK.length) : id;
  return GROWN.includes(grown) ? grown : id;
};
