import type { Progress } from "../units";
import { shadeOverDay, type ShadeStretch, type SpotShadeInput } from "./spot-shade";

export interface YearOfShadeInput extends Pick<SpotShadeInput, "point" | "place" | "obstacles"> {
  /** The days that are looked at, each from midnight to midnight. */
  readonly days: readonly {
    /** Epoch milliseconds. */ readonly from: number;
    /** Epoch milliseconds, after `from`. */ readonly until: number;
  }[];
}

/** Between two looks at the sun of a day of many: a shade shorter than that may be missed. */
const STEP = 10 * 60_000;
const REPORT_EVERY = 10;

/** Sun and shade of a place over many days, as `shadeOverDay` has each of them. A generator: it reports every ten days. */
export function* shadeOverYear({
  days,
  ...asked
}: YearOfShadeInput): Generator<Progress, ShadeStretch[][], void> {
  const found: ShadeStretch[][] = [];
  for (const day of days) {
    found.push(shadeOverDay({ ...asked, ...day, step: STEP }));
    if (found.length % REPORT_EVERY === 0) yield { done: found.length, total: days.length };
  }
  return found;
}
