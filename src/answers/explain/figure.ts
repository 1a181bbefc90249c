import { FUNCTIONS, type FunctionName } from "@/core/figures";
import type { SourceId, Unit } from "@/core/units";

/** Where something that is not worked out comes from. */
export type Origin = "kit" | "plan" | "shot" | "library" | "measured" | "assumed";

/** A number that was measured or chosen, or stands in a catalogue. */
export interface Given {
  readonly kind: "given";
  readonly value: number;
  readonly unit: Unit;
  readonly origin: Origin;
}

/** What is asked as a whole: the plan, the sky and the minute, the subject and the kit. */
export interface Whole {
  readonly kind: "whole";
  readonly value: object;
}

/** A number with the name of the public function that gives it, and what that function was given. */
export interface Figure {
  readonly kind: "figure";
  readonly value: number;
  readonly unit: Unit;
  readonly by: FunctionName;
  readonly of: Readonly<Record<string, Figure | Given | Whole>>;
  readonly source: SourceId;
}

/** A figure as its panel shows it, by a function of what it was given. */
export const figure = (value: number, by: FunctionName, of: Figure["of"]): Figure => {
  const { unit, source } = FUNCTIONS[by];
  return { kind: "figure", value, unit, by, of, source };
};

export const given = (value: number, unit: Unit, origin: Origin): Given => ({
  kind: "given",
  value,
  unit,
  origin,
});

/** What the function makes of it once more; the same number where nothing was told wrongly. */
export function workedAgain({ by, of }: Figure): number {
  const values = Object.fromEntries(Object.entries(of).map(([name, { value }]) => [name, value]));
  return (FUNCTIONS[by].value as (of: object) => number)(values);
}
