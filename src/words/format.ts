import { lengthShown, lengthUnit } from "./display";
import { apertureMark, isoMark, shutterMark, type Settings } from "@/core/exposure";

/** Numbers for people, at the precision that the model deserves. Rounding happens here and nowhere else. */

export function shutterWords(click: number): string {
  const mark = shutterMark(click);
  return mark.denominator !== undefined ? `1/${mark.denominator}` : `${mark.seconds} s`;
}

export const apertureWords = (click: number): string => `f/${apertureMark(click)}`;
export const isoWords = (click: number): string => `ISO\u00a0${isoMark(click)}`;

export const settingsWords = (s: Settings): string =>
  `${shutterWords(s.shutter)}, ${apertureWords(s.aperture)}, ${isoWords(s.iso)}`;

/** The settings of a second set that differ from the first: "ISO 500"; nothing when none does. */
export const changedWords = (from: Settings, to: Settings): string =>
  [
    from.shutter === to.shutter ? "" : shutterWords(to.shutter),
    from.aperture === to.aperture ? "" : apertureWords(to.aperture),
    from.iso === to.iso ? "" : isoWords(to.iso),
  ]
    .filter(Boolean)
    .join(", ");

/** A solved exposure in seconds, as a fraction of two figures: 1/905 reads "1/900". */
export function exposureWords(seconds: number): string {
  if (seconds >= 0.3) return `${twoFigures(seconds)} s`;
  return `1/${twoFigures(1 / seconds)}`;
}

/** Two significant figures, without an exponent. */
export const twoFigures = (value: number): string => String(Number(value.toPrecision(2)));

/** A length in metres, in the user's unit: a decimal below 30, whole above. */
export function metresWords(metres: number): string {
  const shown = lengthShown(metres);
  return `${Math.abs(shown) < 29.95 ? shown.toFixed(1) : Math.round(shown)}\u00a0${lengthUnit()}`;
}

/** A length of a part or a tool, to a hundredth: "1.35 m". */
export const sizeWords = (metres: number): string => `${lengthShown(metres).toFixed(2)}\u00a0${lengthUnit()}`;

/** Coordinates in decimal degrees: "53.21° N 1.44° W". */
export const coordinatesWords = (latitude: number, longitude: number, decimals = 2): string =>
  `${Math.abs(latitude).toFixed(decimals)}° ${latitude < 0 ? "S" : "N"} ${Math.abs(longitude).toFixed(decimals)}° ${longitude < 0 ? "W" : "E"}`;

/** A while in seconds as minutes: "1 min", "under 1 min". */
export const minutesWords = (seconds: number): string =>
  seconds < 30 ? "under 1 min" : `${Math.round(seconds / 60)}\u00a0min`;

/** A count with its noun: "1 shot", "4 shots". */
export const countWords = (n: number, one: string, many = `${one}s`): string =>
  `${n} ${n === 1 ? one : many}`;

/** Metres a second, to two figures: "7 m/s". */
export const speedWords = (speed: number): string => `${twoFigures(speed)}\u00a0m/s`;

/** Grams as kilograms: "4.1 kg". */
export const weightWords = (grams: number): string => `${(grams / 1000).toFixed(1)}\u00a0kg`;

export const evWords = (ev: number): string => `EV\u00a0${ev.toFixed(1).replace("-", "−")}`;
/** A stretch of light: "EV 8 to 9". */
export const evRangeWords = (from: number, to: number): string =>
  from === to ? `EV\u00a0${from}` : `EV\u00a0${from} to ${to}`;
export const luxWords = (lux: number): string =>
  lux >= 1000 ? `about ${twoFigures(lux / 1000)} klx` : `about ${twoFigures(lux)} lx`;
export const percentWords = (share: number): string => `${Math.round(share * 100)}\u00a0%`;
/** "70–200 mm", or one length. */
export const focalRangeWords = (l: { minFocalLengthMm: number; maxFocalLengthMm: number }): string =>
  l.minFocalLengthMm === l.maxFocalLengthMm
    ? `${l.minFocalLengthMm} mm`
    : `${l.minFocalLengthMm}–${l.maxFocalLengthMm} mm`;

/** "f/2.8", or both ends of a zoom that closes: "f/5–6.3". */
export const apertureRangeWords = (l: { widest: number; widestAtLong?: number }): string =>
  l.widestAtLong === undefined || l.widestAtLong === l.widest
    ? `f/${l.widest}`
    : `f/${l.widest}–${l.widestAtLong}`;

export const focalWords = (mm: number): string => `${Math.round(mm)}\u00a0mm`;
export const fNumberWords = (fNumber: number): string => `f/${Number(fNumber.toPrecision(2))}`;

/** Thirds of a stop as people say them: "1/3", "2/3", "1", "1 1/3". */
export function clicksAsStops(clicks: number): string {
  const whole = Math.floor(Math.abs(clicks) / 3);
  const rest = Math.abs(clicks) % 3;
  const part = rest === 0 ? "" : `${rest}/3`;
  return [whole > 0 || rest === 0 ? String(whole) : "", part].filter(Boolean).join(" ");
}

export const stopsNoun = (clicks: number): string =>
  `${clicksAsStops(clicks)} ${Math.abs(clicks) > 3 ? "stops" : "stop"}`;

/** "2 clicks", "1 click". */
export const clicksWords = (clicks: number): string => `${clicks} ${clicks === 1 ? "click" : "clicks"}`;

/** Stops with a sign, to a tenth: "+6.1", "−10.0". */
export const signedStops = (stops: number): string =>
  `${stops < -0.05 ? "−" : stops > 0.05 ? "+" : "±"}${Math.abs(stops).toFixed(1)}`;

const WEEKDAYS = ["Sun", "Mon", "Tue", "Wed", "Thu", "Fri", "Sat"];
const MONTHS = ["Jan", "Feb", "Mar", "Apr", "May", "Jun", "Jul", "Aug", "Sep", "Oct", "Nov", "Dec"];

/** "Sat 17 Oct" from 2026-10-17; the year is said when it is not the present one. */
export function dateWords(date: string, presentYear?: number): string {
  const day = new Date(`${date}T12:00:00Z`);
  const year = day.getUTCFullYear();
  const short = `${WEEKDAYS[day.getUTCDay()]} ${day.getUTCDate()} ${MONTHS[day.getUTCMonth()]}`;
  return presentYear === undefined || presentYear === year ? short : `${short} ${year}`;
}

const COMPASS = ["N", "NE", "E", "SE", "S", "SW", "W", "NW"];
/** A bearing with its compass word: "236° SW". */
export const bearingWords = (bearing: number): string =>
  `${Math.round(bearing) % 360}° ${COMPASS[Math.round(bearing / 45) % 8]}`;
