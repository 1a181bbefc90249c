/** What a command prints and how it ends: 0 done, 2 not understood. */
export interface Outcome {
  readonly code: 0 | 2;
  readonly out: string;
}

export const done = (out: string): Outcome => ({ code: 0, out });
export const refused = (line: string): Outcome => ({ code: 2, out: line });

/**
 * Prints an outcome where it belongs and sets how the process ends. The process is left to end by itself: one that is
 * ended by force cuts off what a slow reader has not yet taken.
 */
export function finish({ code, out }: Outcome): void {
  process.exitCode = code;
  (code === 0 ? process.stdout : process.stderr).write(`${out}\n`);
}
