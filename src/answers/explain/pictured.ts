import type { AssessInput, Assessment } from "@/core/judge";
import type { Figure, Whole } from "./figure";

/** A picture and what was asked for it. */
export interface Pictured {
  readonly input: AssessInput;
  readonly found: Assessment;
  readonly asked: Whole;
}

/** A sum that is made once for a picture, however many others it goes into. */
export function once<F extends Figure | undefined>(sum: (of: Pictured) => F): (of: Pictured) => F {
  const made = new WeakMap<Pictured, F>();
  return (of) => {
    if (!made.has(of)) made.set(of, sum(of));
    return made.get(of)!;
  };
}
