import type { SourceId } from "./sources";

/** One reason behind a figure: a code that `words` turns into a sentence, and the numbers in it. */
export interface Because<Code extends string = string> {
  readonly code: Code;
  readonly numbers: Readonly<Record<string, number>>;
  readonly source?: SourceId;
}

/** A figure that a person may ask about. */
export interface Figure {
  readonly value: number;
  readonly because: readonly Because[];
}

/** One reason behind a figure, with its numbers and its source. */
export function because(code: string, numbers: Record<string, number> = {}, source?: SourceId): Because {
  return source ? { code, numbers, source } : { code, numbers };
}
