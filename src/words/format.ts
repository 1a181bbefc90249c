import { lengthShown, lengthUnit, timeWords } from "./display";
import type { Anchor } from "@/core/ground";
import { numberWords } from "./number";
import {
  apertureMark,
  apertureNearest,
  isoMark,
  shutterMark,
  shutterNoSlower,
  type Settings,
} from "@/core/exposure";

/** Numbers for people, at the precision that the model deserves. Rounding happens here and nowhere else. */

export function shutterWords(click: number): string {
  const mark = shutterMark(click);
  return mark.denominator !== undefined ? `1/${mark.denominator}` : `${mark.seconds} s`;
}

export const apertureWords = (click: number): string => `f/${apertureMark(click)}`;
/** The number alone, where "ISO" stands beside it. */
export const isoNumberWords = (click: number): string => String(isoMark(click));
export const isoWords = (click: number): string => `ISO\u00a0${isoNumberWords(click)}`;

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

/** A solved exposure in seconds as the camera's own mark on its safe side: 1/905 s reads "1/1000". */
export const exposureWords = (seconds: number): string => shutterWords(shutterNoSlower(seconds));

/** Two significant figures, without an exponent. */
export const twoFigures = (value: number): string => String(Number(value.toPrecision(2)));

const METRES_PER_INCH = 0.0254;

/** How a length is said: the unit, how many of it make a metre, and from how many metres on it is used. */
interface LengthStep {
  readonly from: number;
  readonly perMetre: number;
  readonly unit: string;
  readonly decimals: number;
}

/** Close to in millimetres and centimetres, or inches; a decimal below 30, whole above. */
const LENGTHS: Readonly<Record<"m" | "ft", readonly LengthStep[]>> = {
  m: [
    { from: 29.95, perMetre: 1, unit: "m", decimals: 0 },
    { from: 0.995, perMetre: 1, unit: "m", decimals: 1 },
    { from: 0.0995, perMetre: 100, unit: "cm", decimals: 0 },
    { from: 0, perMetre: 1000, unit: "mm", decimals: 0 },
  ],
  ft: [
    { from: 29.95 * 0.3048, perMetre: 1 / 0.3048, unit: "ft", decimals: 0 },
    { from: 0.9995 * 0.3048, perMetre: 1 / 0.3048, unit: "ft", decimals: 1 },
    { from: 0, perMetre: 1 / METRES_PER_INCH, unit: "in", decimals: 1 },
  ],
};

const stepFor = (metres: number): LengthStep => {
  const steps = LENGTHS[lengthUnit()];
  return steps.find((s) => Math.abs(metres) >= s.from) ?? steps[steps.length - 1]!;
};

/** A length in metres, in the user's unit at the precision that it deserves: "24.2 m", "40 cm", "9 mm". */
export function metresWords(metres: number): string {
  const { perMetre, unit, decimals } = stepFor(metres);
  return `${numberWords(metres * perMetre, decimals)}\u00a0${unit}`;
}

/** A round length of a ruler, as it is written in the user's unit: "20 m", "50 cm", "6 in". Two figures at most. */
export function roundLengthWords(written: number): string {
  if (written >= 1) return `${written}\u00a0${lengthUnit()}`;
  return lengthUnit() === "m"
    ? `${numberWords(100 * written)}\u00a0cm`
    : `${numberWords(12 * written)}\u00a0in`;
}

/** From one length to another in one unit, fine enough that the two differ: "396 to 409 mm", "29.8 to 30.8 m". */
export function metresRangeWords(from: number, to: number): string {
  const steps = LENGTHS[lengthUnit()];
  const told = ({ perMetre, decimals }: LengthStep, metres: number): string =>
    numberWords(metres * perMetre, decimals);
  const coarse = steps.indexOf(stepFor(to));
  // Two figures of the difference are worth telling.
  const fine = steps.findIndex((s, i) => i >= coarse && (to - from) * s.perMetre * 10 ** s.decimals >= 5);
  const step = steps[fine < 0 ? steps.length - 1 : fine]!;
  return `${told(step, from)} to ${told(step, to)}\u00a0${step.unit}`;
}

/** The next length up that is said with so many metres: what one has to step back, never less than that. */
export function atLeastWords(metres: number): string {
  const { perMetre, unit, decimals } = stepFor(metres);
  const shown = Math.ceil(metres * perMetre * 10 ** decimals - 1e-6) / 10 ** decimals;
  return `${numberWords(shown, decimals)}\u00a0${unit}`;
}

/** A length of a part or a tool, to a hundredth: "1.35 m"; small ones in centimetres and millimetres. */
export const sizeWords = (metres: number): string =>
  metres < 0.995 * (lengthUnit() === "m" ? 1 : 0.3048)
    ? metresWords(metres)
    : `${numberWords(lengthShown(metres), 2)}\u00a0${lengthUnit()}`;

/** Coordinates in decimal degrees: "53.21° N 1.44° W". */
export const coordinatesWords = (latitude: number, longitude: number, decimals = 2): string =>
  `${numberWords(Math.abs(latitude), decimals)}° ${latitude < 0 ? "S" : "N"} ${numberWords(Math.abs(longitude), decimals)}° ${longitude < 0 ? "W" : "E"}`;

/** Where a ground lies: its coordinates, or that nobody told them. */
export const anchorWords = ({ latitude, longitude, assumed }: Anchor): string =>
  assumed ? "coordinates not told" : coordinatesWords(latitude, longitude);

/** A while in seconds as minutes: "1 min", "under 1 min". */
export const minutesWords = (seconds: number): string =>
  seconds < 30 ? "under 1 min" : `${numberWords(seconds / 60)}\u00a0min`;

/** A count with its noun: "1 shot", "4 shots". */
export const countWords = (n: number, one: string, many = `${one}s`): string =>
  `${n} ${n === 1 ? one : many}`;

/** Metres a second, to two figures: "7 m/s". */
export const speedWords = (speed: number): string => `${twoFigures(speed)}\u00a0m/s`;

/** Bytes in the unit that gives a short number: "3.2 MB". */
export function bytesWords(bytes: number): string {
  const [unit, size] = bytes >= 1e9 ? ["GB", 1e9] : bytes >= 1e6 ? ["MB", 1e6] : (["kB", 1e3] as const);
  return `${twoFigures(bytes / Number(size))}\u00a0${unit}`;
}

/** Grams as kilograms: "4.1 kg". */
export const weightWords = (grams: number): string => `${numberWords(grams / 1000, 1)}\u00a0kg`;

export const evWords = (ev: number): string => `EV\u00a0${numberWords(ev, 1)}`;
/** A stretch of light: "EV 8 to 9". */
export const evRangeWords = (from: number, to: number): string =>
  from === to ? `EV\u00a0${from}` : `EV\u00a0${from} to ${to}`;
export const luxWords = (lux: number): string =>
  lux >= 1000 ? `about ${twoFigures(lux / 1000)} klx` : `about ${twoFigures(lux)} lx`;
export const percentWords = (share: number): string => `${numberWords(share * 100)}\u00a0%`;
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

export const focalWords = (mm: number): string => `${numberWords(mm)}\u00a0mm`;
/** An f-number as the camera's own mark, which is what it shows with a converter mounted: f/7.9 reads "f/8". */
export const fNumberWords = (fNumber: number): string =>
  fNumber > PAST_MARKS ? "an aperture past f/64" : apertureWords(apertureNearest(fNumber));
/** Half a click past the last mark of the scale. */
const PAST_MARKS = 64 * 2 ** (1 / 12);

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

/** Clicks with a sign as thirds of a stop: "+6 1/3", "−10", "0". */
export const signedClicks = (clicks: number): string =>
  clicks === 0 ? "0" : `${clicks < 0 ? "−" : "+"}${clicksAsStops(clicks)}`;

/** Stops with a sign, to a tenth: "+6.1", "−10.0". */
export const signedStops = (stops: number): string =>
  `${stops < -0.05 ? "−" : stops > 0.05 ? "+" : "±"}${numberWords(Math.abs(stops), 1)}`;

let days: Intl.DateTimeFormat | undefined;

/** Made when first needed, as those of numbers are. */
const dayFormat = (): Intl.DateTimeFormat =>
  (days ??= new Intl.DateTimeFormat("en", {
    timeZone: "UTC",
    weekday: "short",
    day: "numeric",
    month: "short",
    year: "numeric",
  }));

/** "Sat 17 Oct" from 2026-10-17; the year is said when it is not the present one. */
export function dateWords(date: string, presentYear?: number): string {
  const parts = new Map(
    dayFormat()
      .formatToParts(new Date(`${date}T12:00:00Z`))
      .map((p) => [p.type, p.value]),
  );
  const said = ["weekday", "day", "month", "year"] as const;
  const year = parts.get("year");
  const shown = presentYear === undefined || String(presentYear) === year ? said.slice(0, 3) : said;
  return shown.map((part) => parts.get(part)).join(" ");
}

let instants: Intl.DateTimeFormat | undefined;

/**
 * "Sat 17 Oct, 16:27" of an instant in epoch milliseconds, by the device's own clock: when something was done on it. With its
 * year where that is another than the present one.
 */
export function instantWords(at: number): string {
  instants ??= new Intl.DateTimeFormat("en", {
    weekday: "short",
    day: "numeric",
    month: "short",
    year: "numeric",
    hour: "2-digit",
    minute: "2-digit",
    hourCycle: "h23",
  });
  const parts = new Map(instants.formatToParts(at).map((p) => [p.type, p.value]));
  const time = timeWords(`${parts.get("hour")}:${parts.get("minute")}`);
  const year = parts.get("year") === String(new Date().getFullYear()) ? "" : ` ${parts.get("year")}`;
  return `${parts.get("weekday")} ${parts.get("day")} ${parts.get("month")}${year}, ${time}`;
}

const COMPASS = ["N", "NE", "E", "SE", "S", "SW", "W", "NW"];
/** A bearing with its compass word: "236° SW". */
export const bearingWords = (bearing: number): string =>
  `${Math.round(bearing) % 360}° ${COMPASS[Math.round(bearing / 45) % 8]}`;
