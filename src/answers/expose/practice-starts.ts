import { STARTING_SETTINGS, type StartingSettings } from "@/core/catalogue";
import { startsFor, type StartJudged } from "@/core/judge";
import type { Library } from "@/data";
import { answered } from "../answered";

/** A starting point of the library, whether it is one's own, and both schools where practice is of two minds. */
export type Start = (StartingSettings | Library["startingSettings"][number]) & { readonly own: boolean };

const SHIPPED: readonly Start[] = STARTING_SETTINGS.map((row) => ({ ...row, own: false }));

/** The library's starting points that speak of the shot in hand, one's own first, each as it comes out from here. */
export const starting = answered(
  ({ input, library }) => [input, library.startingSettings] as const,
  (input, own): readonly StartJudged<Start>[] => {
    if (!input) return [];
    const mine = startsFor(
      input,
      own.map((row): Start => ({ ...row, own: true })),
    );
    return [...mine, ...startsFor(input, SHIPPED)];
  },
);
