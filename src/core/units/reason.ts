import type { SourceId } from "./sources";

/**
 * One reason behind a figure, of the codes that a folder lists with the numbers of each: a code that `words` turns into a
 * sentence, the numbers in it, and where it is known from.
 */
export type ReasonWith<Numbers> = {
  readonly [Code in keyof Numbers]: {
    readonly code: Code;
    readonly numbers: Readonly<Numbers[Code]>;
    readonly source?: SourceId;
  };
}[keyof Numbers];
