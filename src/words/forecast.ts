import {
  apertureWords,
  evRangeWords,
  isoNumberWords,
  percentWords,
  settingsWords,
  shutterWords,
} from "./format";
import { numberWords } from "./number";

interface Hour {
  readonly cloud: readonly [number, number, number];
  readonly rain: { readonly share: number; readonly mm: number };
  readonly wind: readonly [number, number, number];
  readonly temperature: readonly [number, number, number];
}

const span = (low: number, high: number, unit: string): string => {
  const [a, b] = [numberWords(low, 0), numberWords(high, 0)].map((n) => n.replace("-", "−"));
  return a === b ? `${a} ${unit}` : `${a} to ${b} ${unit}`;
};

/** An hour of a forecast: "cloud 2 to 6 eighths, rain in 20 %, wind 3 to 6 m/s, 9 to 12 °C". */
export const hourForecastWords = ({ cloud, rain, wind, temperature }: Hour): string =>
  [
    `cloud ${span(cloud[0], cloud[2], "eighths")}`,
    rain.share > 0 ? `rain in ${percentWords(rain.share)}` : "no rain",
    `wind ${span(wind[0], wind[2], "m/s")}`,
    span(temperature[0], temperature[2], "°C"),
  ].join(", ");

interface Found {
  readonly ev: number;
  readonly settings: { readonly shutter: number; readonly aperture: number; readonly iso: number };
}

/** What to expect and what it could be: "Expect 1/1000, f/2.8, ISO 640; it could be ISO 400 to 1600 (EV 10 to 12)." */
export function couldBeSentence({
  brightest,
  middle,
  darkest,
}: {
  brightest: Found;
  middle: Found;
  darkest: Found;
}): string {
  const ev = evRangeWords(
    ...([brightest.ev, darkest.ev].map((e) => Math.round(e)).sort((a, b) => a - b) as [number, number]),
  );
  const range = (a: string, b: string, before = ""): string => (a === b ? "" : `${before}${a} to ${b}`);
  const could = [
    range(shutterWords(brightest.settings.shutter), shutterWords(darkest.settings.shutter)),
    range(apertureWords(brightest.settings.aperture), apertureWords(darkest.settings.aperture)),
    range(isoNumberWords(brightest.settings.iso), isoNumberWords(darkest.settings.iso), "ISO "),
  ].filter(Boolean);
  return `Expect ${settingsWords(middle.settings)}; ${could.length > 0 ? `it could be ${could.join(", ")}` : "it stays so"} (${ev}).`;
}

/** Why a forecast was refused, and what to do. */
export const forecastFault = (
  reason: "not-json" | "not-understood" | "elsewhere" | "another-time",
  where = "",
): string =>
  ({
    "not-json":
      "This file is no forecast: it is not JSON. Choose one of the form that docs/stand-ins.md tells.",
    "not-understood": `This forecast cannot be read at ${where}. Choose one of the form that docs/stand-ins.md tells.`,
    elsewhere: "This forecast is for another place, more than fifty kilometres away.",
    "another-time": "This forecast has no hour of this outing.",
  })[reason];
