import { formula } from "../units/formula";
import { wilsonInterval, type Interval } from "./interval";

// What the functions of this folder work out, in the names of their inputs.

/** Of frames that were taken. */
function intervalOf(of: { readonly share: number; readonly taken: number }): Interval {
  const found = wilsonInterval({ kept: of.share * of.taken, taken: of.taken });
  if (!found.ok) throw new RangeError("nothing was taken");
  return found.value;
}

const OF = { share: ["", 0, 1], taken: ["frames", 1, 5000] } as const;
const SPREAD =
  "sqrt(1.959964^2 / taken * (share * (1 - share) + 1.959964^2 / taken / 4)) / (1 + 1.959964^2 / taken)";
const MIDDLE = "(share + 1.959964^2 / taken / 2) / (1 + 1.959964^2 / taken)";

export const REVIEW_FORMULAS = {
  "wilsonInterval.share": formula(
    "",
    { kept: ["frames", 0, 5000], taken: ["frames", 1, 5000] },
    "kept / taken",
    ({ kept, taken }) => intervalOf({ share: kept / taken, taken }).share,
    "wilson-1927",
  ),
  "wilsonInterval.low": formula(
    "",
    OF,
    `max(0, ${MIDDLE} - ${SPREAD})`,
    (of) => intervalOf(of).low,
    "wilson-1927",
  ),
  "wilsonInterval.high": formula(
    "",
    OF,
    `min(1, ${MIDDLE} + ${SPREAD})`,
    (of) => intervalOf(of).high,
    "wilson-1927",
  ),
} as const;
