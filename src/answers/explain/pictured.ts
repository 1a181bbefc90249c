import type { AssessInput, Assessment } from "@/core/judge";
import type { Figure, Whole } from "./figure";

/** A picture as far as its figures are asked for. */
export interface Shown {
  readonly input?: AssessInput;
  readonly found?: Assessment;
}

/** A picture and what was asked for it. */
export interface Pictured {
  readonly input: AssessInput;
  readonly found: Assessment;
  readonly asked: Whole;
}

const made = new WeakMap<Assessment, Pictured>();

/** The picture of a view, one object as long as it is the same; nothing where there is none. */
export function picturedOf({ input, found }: Shown): Pictured | undefined {
  if (!input || !found) return undefined;
  const known = made.get(found) ?? { input, found, asked: { kind: "whole", value: input } };
  made.set(found, known);
  return known;
}

/** A sum that is made once for a picture, however many others it goes into. */
export function once<F extends Figure | undefined>(sum: (of: Pictured) => F): (of: Pictured) => F {
  const made = new WeakMap<Pictured, F>();
  return (of) => {
    if (!made.has(of)) made.set(of, sum(of));
    return made.get(of)!;
  };
}
