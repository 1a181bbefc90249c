import { asSubject, BATS_AND_RACKETS, BIRDS, HORSES, MAMMALS, PEOPLE, TEAM_SPORTS } from "@/core/catalogue";
import { fromVenue, type Point, type Venue } from "@/core/ground";
import type { Choice, Outing, StoredShot, StoredSubject } from "@/data";

/** What the demo outings are written with. */

/** Centimetres are enough for a plan that was paced out. */
const cm = (value: number): number => Math.round(value * 100) / 100;

/** Writes places in the venue's own axes: x to the right of its long axis, y along it. */
export function inVenue(venue: Venue) {
  const at = (x: number, y: number): Point => {
    const p = fromVenue(venue, { x, y });
    return { x: cm(p.x), y: cm(p.y) };
  };
  const box = (x0: number, y0: number, x1: number, y1: number): Point[] => [
    at(x0, y0),
    at(x1, y0),
    at(x1, y1),
    at(x0, y1),
  ];
  return { at, box };
}

/** The parts of the library that the demo takes its subjects from: the first start carries no other. */
const CAST = [...TEAM_SPORTS, ...BATS_AND_RACKETS, ...HORSES, ...PEOPLE, ...MAMMALS, ...BIRDS];

/** Subjects of the library, as an outing keeps them. */
export const cast = (...ids: string[]): StoredSubject[] =>
  CAST.filter((s) => ids.includes(s.id)).map((s) => {
    const subject = asSubject(s);
    return { ...subject, parts: [...subject.parts] };
  });

/** A shot with what most of the demo's shots share. */
export const promise = (
  shot: Pick<StoredShot, "id" | "name" | "subjectId" | "spotId" | "wanted"> & Partial<StoredShot>,
): StoredShot => ({
  intent: "freeze",
  technique: "tracked",
  part: "whole",
  orientation: "level",
  fill: 0.5,
  holdPartId: "limb",
  tolerance: "print-sharp",
  deliveredLongEdgePx: 3000,
  priority: 2,
  ...shot,
});

/** What is mounted for a shot, and where one stands. */
export const mount = (
  shotId: string,
  positionId: string | null,
  lensId: string,
  supportId: string,
  rest: Partial<Choice> = {},
): Choice => ({
  shotId,
  positionId,
  bodyId: "full-frame-24",
  lensId,
  converterId: null,
  supportId,
  focalLengthMm: null,
  locked: {},
  ...rest,
});

/** What every outing of the demo begins with; the district lies at a real latitude and in a real time zone. */
export const inDistrict = {
  version: 6,
  revision: 0,
  timeZone: "Europe/London",
  archived: false,
  log: [],
  notes: "",
} as const satisfies Partial<Outing>;

/** A bank without corners: each corner cut off twice (Chaikin 1974), so that four points stand for one. */
export function bank(points: readonly Point[], times = 2): Point[] {
  if (times === 0) return [...points];
  const cut = points.flatMap((p, i) => {
    const next = points[(i + 1) % points.length]!;
    return [0.25, 0.75].map((t) => ({ x: cm(p.x + t * (next.x - p.x)), y: cm(p.y + t * (next.y - p.y)) }));
  });
  return bank(cut, times - 1);
}
