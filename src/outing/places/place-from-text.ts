/** Somewhere, in degrees: north and east are above 0. */
export interface Coordinates {
  readonly latitude: number;
  readonly longitude: number;
}

const DECIMAL = /(-?\d{1,3}[.,]\d+)\s*°?\s*([NS])?\s*[,;/ ]\s*(-?\d{1,3}[.,]\d+)\s*°?\s*([EW])?/i;
const SEXAGESIMAL =
  /(\d{1,3})\s*[°\s]\s*(\d{1,2})\s*['′\s]\s*(?:(\d{1,2}(?:[.,]\d+)?)\s*["″]?)?\s*([NS])\D*?(\d{1,3})\s*[°\s]\s*(\d{1,2})\s*['′\s]\s*(?:(\d{1,2}(?:[.,]\d+)?)\s*["″]?)?\s*([EW])/i;

const numberOf = (text: string | undefined): number => Number((text ?? "0").replace(",", "."));
const signed = (value: number, side: string | undefined): number =>
  side && /[SW]/i.test(side) ? -value : value;
const within = ({ latitude, longitude }: Coordinates): Coordinates | undefined =>
  Math.abs(latitude) <= 90 && Math.abs(longitude) <= 180 ? { latitude, longitude } : undefined;

/**
 * The place that a pasted text speaks of: two decimal figures, latitude first, also within a link or a `geo:` address, or degrees, minutes and
 * seconds with N, S, E, W. Undefined where there is none, or none that is on the earth.
 */
export function placeFromText(text: string): Coordinates | undefined {
  const old = SEXAGESIMAL.exec(text);
  if (old) {
    const [, d1, m1, s1, north, d2, m2, s2, east] = old;
    const degrees = (d?: string, m?: string, s?: string): number =>
      numberOf(d) + numberOf(m) / 60 + numberOf(s) / 3600;
    return within({
      latitude: signed(degrees(d1, m1, s1), north),
      longitude: signed(degrees(d2, m2, s2), east),
    });
  }
  // A link may write the comma between two figures as a code.
  const found = DECIMAL.exec(text.replace(/%2C/gi, ","));
  if (!found) return undefined;
  const [, latitude, north, longitude, east] = found;
  return within({
    latitude: signed(numberOf(latitude), north),
    longitude: signed(numberOf(longitude), east),
  });
}
