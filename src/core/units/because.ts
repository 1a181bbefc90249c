import type { SourceId } from "./sources";

/**
 * One reason behind a figure, of the codes that a folder lists with the numbers of each: a code that `words` turns into a
 * sentence, the numbers in it, and where it is known from.
 */
export type Because<Numbers> = {
  readonly [Code in keyof Numbers]: {
    readonly code: Code;
    readonly numbers: Readonly<Numbers[Code]>;
    readonly source?: SourceId;
  };
}[keyof Numbers];

/** A figure that a person may ask about. */
export interface Figure<Numbers> {
  /** In the unit that its name tells; finite. */
  readonly value: number;
  readonly because: readonly Because<Numbers>[];
}
