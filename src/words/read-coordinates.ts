import { readNumber } from "./read-number";

/** A place on the earth in degrees, north and east positive. */
export interface Coordinates {
  readonly latitude: number;
  readonly longitude: number;
}

/** Degrees, with minutes and seconds if there are any. */
const BODY = String.raw`([+\-−]?\d+(?:\.\d+)?)\s*°?\s*(?:(\d+(?:\.\d+)?)\s*['′’]\s*)?(?:(\d+(?:\.\d+)?)\s*(?:["″”]|'')\s*)?`;
/** One angle with a letter of the compass before it, or behind it if it has one. */
const LETTER_FIRST = new RegExp(String.raw`(?<letter>[nsew])\s*${BODY}`, "giu");
const LETTER_LAST = new RegExp(String.raw`${BODY}(?<letter>[nsew])?`, "giu");

/**
 * Coordinates as they are copied from elsewhere: "51.5, -0.12", "51.5° N 0.12° W", "51°30′26″N 0°7′39″W", "N 51 30.5' W 0
 * 7.6'", or a geo: link. `undefined` for what is no pair on the earth.
 */
export function readCoordinates(text: string): Coordinates | undefined {
  // "40,7" is one number with a decimal comma.
  if (readNumber(text) !== undefined) return undefined;
  const written = text.trim().replace(/^geo:/i, "").split(/[;?]/)[0]!;
  const angle = /^\s*[nsew]/i.test(written) ? LETTER_FIRST : LETTER_LAST;
  const found = [...written.matchAll(angle)];
  const left = written.replace(angle, "").replace(/[\s,]/g, "");
  if (found.length !== 2 || left !== "") return undefined;
  const angles = found.map(angleOf);
  if (angles.some((a) => a === undefined)) return undefined;
  const [first, second] = angles as [Angle, Angle];
  const swapped = first.axis === "longitude" || second.axis === "latitude";
  const [north, east] = swapped ? [second, first] : [first, second];
  if (north.axis === "longitude" || east.axis === "latitude") return undefined;
  const { degrees: latitude } = north;
  const { degrees: longitude } = east;
  return Math.abs(latitude) <= 90 && Math.abs(longitude) <= 180 ? { latitude, longitude } : undefined;
}

interface Angle {
  readonly degrees: number;
  readonly axis?: "latitude" | "longitude";
}

function angleOf(found: RegExpExecArray): Angle | undefined {
  const letter = found.groups!.letter?.toLowerCase();
  const [whole, minutes = "0", seconds = "0"] = found
    .slice(1)
    .filter((part) => part === undefined || /\d/.test(part));
  if (Number(minutes) >= 60 || Number(seconds) >= 60) return undefined;
  const size = Math.abs(Number(whole!.replace("−", "-"))) + Number(minutes) / 60 + Number(seconds) / 3600;
  const negative = /^[-−]/.test(whole!) || letter === "s" || letter === "w";
  const degrees = Math.round((negative ? -size : size) * 1e6) / 1e6;
  if (!letter) return { degrees };
  return { degrees, axis: letter === "n" || letter === "s" ? "latitude" : "longitude" };
}
