import { lengthShown, metresFrom } from "./display";
import { readNumber } from "./read-number";

/** Metres in each unit that a person may write (international foot and yard of 1959, 0.3048 m and 0.9144 m). */
const METRES_IN: Readonly<Record<string, number>> = {
  mm: 0.001,
  cm: 0.01,
  m: 1,
  km: 1000,
  in: 0.0254,
  '"': 0.0254,
  ft: 0.3048,
  "'": 0.3048,
  yd: 0.9144,
  mi: 1609.344,
};
const SPELT: Readonly<Record<string, string>> = {
  metre: "m",
  metres: "m",
  meter: "m",
  meters: "m",
  inch: "in",
  inches: "in",
  foot: "ft",
  feet: "ft",
  yard: "yd",
  yards: "yd",
  mile: "mi",
  miles: "mi",
};

/**
 * A length as a person writes it, in metres: "40 yd", "6 in", "12 ft", "1,5 m", "30cm", "6' 2"" (feet and inches). A bare
 * number is in the unit that this user reads. `undefined` for anything else.
 */
export function readLength(text: string): number | undefined {
  const plain = readNumber(text);
  if (plain !== undefined) return metresFrom(plain);
  const written = text
    .trim()
    .toLowerCase()
    .replaceAll("′", "'")
    .replaceAll("’", "'")
    .replaceAll("″", '"')
    .replaceAll("”", '"');
  const both = /^([\d.,]+)\s*(?:'|ft)\s*([\d.,]+)\s*(?:"|in)?$/.exec(written);
  if (both) {
    const [feet, inches] = [readNumber(both[1]!), readNumber(both[2]!)];
    return feet === undefined || inches === undefined
      ? undefined
      : feet * METRES_IN.ft! + inches * METRES_IN.in!;
  }
  const one = /^([+\-−]?[\d.,]+)\s*([a-z]+|['"])\.?$/.exec(written);
  const value = one ? readNumber(one[1]!) : undefined;
  const unit = one ? METRES_IN[SPELT[one[2]!] ?? one[2]!] : undefined;
  return value === undefined || unit === undefined ? undefined : value * unit;
}

/** The same as the number that this user reads, for a field in their unit. */
export function readLengthShown(text: string): number | undefined {
  const metres = readLength(text);
  return metres === undefined ? undefined : lengthShown(metres);
}
