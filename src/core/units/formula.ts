import type { SourceId } from "./sources";

/** In what a quantity is told. "" is a ratio or a bare number; "clicks" are thirds of a stop. */
export type Unit =
  | ""
  | "m"
  | "mm"
  | "µm"
  | "s"
  | "m/s"
  | "µm/s"
  | "mm/s"
  | "rad/s"
  | "rad/s²"
  | "°/s"
  | "g"
  | "°"
  | "°C"
  | "stops"
  | "clicks"
  | "lx"
  | "EV"
  | "f-number"
  | "ISO"
  | "Hz"
  | "/s"
  | "MB"
  | "MB/s"
  | "frames"
  | "px"
  | "per inch"
  | "h"
  | "l";

/** An input of a formula: its unit, and between what it is declared. */
export type Domain = readonly [unit: Unit, from: number, to: number, whole?: "whole"];

/**
 * A public function with a closed form: its text in the names of its inputs, which a test evaluates over all of their domain and finds
 * the function within 1e-9; the text cannot lie. `value` calls the function itself.
 */
export interface Formula<K extends string = string> {
  readonly kind: "formula";
  readonly unit: Unit;
  readonly of: Readonly<Record<K, Domain>>;
  readonly text: string;
  readonly source: SourceId;
  readonly value: (of: Readonly<Record<K, number>>) => number;
}

/** A public function that searches, halves, sums or looks up: what it does, and how near it comes. */
export interface Method<Asked> {
  readonly kind: "method";
  readonly unit: Unit;
  readonly source: SourceId;
  /** Calls the function. */
  readonly value: (asked: Asked) => number;
}

export const formula = <const K extends string>(
  unit: Unit,
  of: Readonly<Record<K, Domain>>,
  text: string,
  value: Formula<K>["value"],
  source: SourceId,
): Formula<K> => Object.freeze({ kind: "formula", unit, of, text, value, source });

export const method = <Asked>(unit: Unit, value: Method<Asked>["value"], source: SourceId): Method<Asked> =>
  Object.freeze({ kind: "method", unit, value, source });
