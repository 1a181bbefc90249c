import { LIGHT_LEVELS } from "@/core/catalogue";
import { whenRight } from "@/core/judge";
import { luxFromEv, readEv, type Reading } from "@/core/light";
import type { Library } from "@/data";
import type { OutingView } from "@/outing/outing-view";
import { answered } from "../answered";

/** A level of light that is known by name, one's own or the library's. */
export interface KnownLevel {
  readonly id: string;
  readonly name: string;
  /** EV at ISO 100, from and to; where a single one is meant, both the same. */
  readonly evFrom: number;
  readonly evTo: number;
  readonly own: boolean;
  readonly known: string;
  readonly source: string;
}

const level = (own: boolean) => (row: Library["lightLevels"][number] | (typeof LIGHT_LEVELS)[number]) => ({
  id: own ? `own-${row.id}` : row.id,
  name: row.name,
  evFrom: row.evFrom,
  evTo: row.evTo,
  known: row.known,
  source: row.source,
  own,
});

/** The levels of the library, one's own first. */
export const knownLevels = answered(
  ({ library }) => [library.lightLevels] as const,
  (own): readonly KnownLevel[] => [...own.map(level(true)), ...LIGHT_LEVELS.map(level(false))],
);

/** EV at ISO 100 that a reading tells. */
export const evTold = (reading: Reading): number => readEv(reading);

/** What is told of the light, against the light found here. */
export interface ToldLight {
  /** Lux that an EV stands for. */
  readonly lux: number;
  /** Stops by which it is brighter than the light found. */
  readonly off: number;
  /** When the spot in hand has it; epoch milliseconds. */
  readonly right: readonly { readonly from: number; readonly until: number }[];
}

/** An EV at ISO 100 against the light at the spot in hand; nothing while there is no picture. */
export const toldLight = ({ found, timeline }: OutingView, ev: number): ToldLight | undefined =>
  found && { lux: luxFromEv(ev), off: ev - found.light.ev, right: whenRight(timeline, ev) };
