import { FUNCTIONS, TOLD, type FunctionName, type ToldName } from "@/core/figures";
import type { SourceId } from "@/core/units";

/** A function that a panel's figures come from. */
export type Named = FunctionName | ToldName;

/** How a function works its figure out: the text of its formula with its inputs, or no text where it has none. */
export interface How {
  readonly name: Named;
  readonly text?: string;
  readonly inputs: readonly string[];
  readonly source: SourceId;
}

/** The functions that a panel names, each with its formula where it has one. */
export const howOf = (names: readonly Named[]): readonly How[] =>
  names.map((name): How => {
    if (name in TOLD) return { name, inputs: [], source: TOLD[name as ToldName] };
    const entry = FUNCTIONS[name as FunctionName];
    return entry.kind === "formula"
      ? { name, text: entry.text, inputs: Object.keys(entry.of), source: entry.source }
      : { name, inputs: [], source: entry.source };
  });

/** The formula of a figure, where the function that gave it has one. */
export const textOf = (name: FunctionName): string | undefined => {
  const entry = FUNCTIONS[name];
  return entry.kind === "formula" ? entry.text : undefined;
};
