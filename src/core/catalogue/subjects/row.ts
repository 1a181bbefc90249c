import { headOf, type Subject, type SubjectPart } from "../../motion";
import { figureOf } from "./figures";

/** Where a subject belongs in the library. */
export type SubjectGroup =
  | "team sport"
  | "bat and racket"
  | "athletics"
  | "water"
  | "wheels"
  | "snow and ice"
  | "climbing and gymnastics"
  | "dogs"
  | "horses"
  | "motors"
  | "mammals"
  | "birds"
  | "reptiles and amphibians"
  | "insects, spiders and weather"
  | "people";

/** A part whose fast speed is told beside the typical one. */
export interface CataloguePart extends SubjectPart {
  /** m/s when it goes fast; at least the typical speed. */
  readonly fast: number;
}

/** A subject of the library: sizes in metres, speeds in m/s, and where they come from. */
export interface CatalogueSubject extends Subject {
  readonly group: SubjectGroup;
  /** Body over the ground when it goes fast. */
  readonly fastSpeed: number;
  readonly parts: readonly CataloguePart[];
  /** Wing beats a second. */
  readonly wingBeat?: number;
  /** What the speeds and sizes rest on. */
  readonly source: string;
}

/** A subject without what is told once for a whole file of rows. */
export type SubjectRow = Omit<CatalogueSubject, "group">;

/** A limb: m/s against the body, typical and fast. */
export const limb = (speed: number, fast: number, name = "hands and feet"): CataloguePart => ({
  id: "limb",
  name,
  partClass: "limb",
  speed,
  fast,
});

/** A swung or thrown thing: m/s over the ground, and half its width in metres. */
export const tool = (
  id: string,
  name: string,
  speed: number,
  fast: number,
  halfWidth: number,
): CataloguePart => ({ id, name, partClass: "tool", speed, fast, halfWidth });

/**
 * Peak speed in m/s of a flapping wing's tip against the body: π·n·Φ·b/2, beat n a second, stroke Φ in degrees, span b
 * in metres (simple harmonic stroke; geometry).
 */
export const wingTipSpeed = (beat: number, strokeDeg: number, span: number): number =>
  Math.PI * beat * ((strokeDeg * Math.PI) / 180) * (span / 2);

/** A wing by its beat, stroke and span; fast is a third more. */
export function wing(beat: number, strokeDeg: number, span: number): CataloguePart {
  const speed = wingTipSpeed(beat, strokeDeg, span);
  return { id: "wing", name: "wing tips", partClass: "wing", speed, fast: speed * 1.33 };
}

export const inGroup = (group: SubjectGroup, rows: readonly SubjectRow[]): readonly CatalogueSubject[] =>
  Object.freeze(rows.map((row) => Object.freeze({ group, ...row })));

/** A row as an outing keeps it, without what only the library tells. */
export function asSubject(row: CatalogueSubject): Subject {
  const { id, name, height, depth, length, span, lying, round, bodySpeed, fastSpeed, bob, known, parts } =
    row;
  const shape = {
    ...(length && { length }),
    ...(span && { span }),
    ...(round && { round }),
    ...(lying && { lying }),
  };
  const figure = figureOf(id);
  const head = headOf({ figure, height, length });
  return { id, name, height, depth, ...shape, head, bodySpeed, fastSpeed, bob, parts, known, figure };
}
