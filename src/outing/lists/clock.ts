/** A time of a day as it stands within a text. */
export interface ClockFound {
  /** "HH:MM". */
  readonly at: string;
  /** The end of a stretch of time, where one is told. */
  readonly until?: string;
  /** Where it begins and ends in the text, in characters. */
  readonly from: number;
  readonly to: number;
  /** Whether morning or afternoon is said, or the hour says it: 14:30 and 2.30 pm, not 2.30. */
  readonly certain: boolean;
}

/** What follows a number that is a height, a weight, a mark or a time swum, and no clock. */
const MEASURE = String.raw`(?![.,:]?\d|\s*(?:k?g|k?m|cm|mm|metres?|meters?|s|sec|seconds|points|pts|%|€|£|\$)\b)`;
const HALF = String.raw`\s*(a\.?m\b\.?|p\.?m\b\.?|noon\b|midday\b|midnight\b)`;
const CLOCK = String.raw`(?:(\d{1,2})\s?[:.h]\s?(\d{2})(?::\d{2})?(?:${HALF}|${MEASURE})|(\d{1,2})${HALF}|\b(noon|midday)\b)`;
const STRETCH = new RegExp(
  String.raw`(?<![\p{L}\d.,:/+-])${CLOCK}(?:\s*(?:-|–|—|to|until|till)\s*${CLOCK})?`,
  "giu",
);

interface Half {
  readonly hour: number;
  readonly minute: number;
  readonly told: boolean;
}

/** One written time from its pieces: hours, minutes and half of the day, or hours and half alone, or a word. */
function pieces([h, m, half, alone, aloneHalf, word]: readonly (string | undefined)[]): Half | undefined {
  if (word) return { hour: 12, minute: 0, told: true };
  const written = h ?? alone;
  if (written === undefined) return undefined;
  const part = (half ?? aloneHalf)?.toLowerCase().replaceAll(".", "").trim();
  const [hour, minute] = [Number(written), Number(m ?? 0)];
  if (minute > 59 || hour > 23 || (part && hour > 12)) return undefined;
  if (!part) return { hour, minute, told: hour === 0 || hour > 12 };
  const later = part === "pm" || part === "noon" || part === "midday";
  return { hour: (hour % 12) + (later ? 12 : 0), minute, told: true };
}

const written = ({ hour, minute }: Half): string =>
  `${String(hour).padStart(2, "0")}:${String(minute).padStart(2, "0")}`;

/** The times of a day that stand in a text, in their order: "14:00-15:30", "9.05", "2:30 pm", "12 noon", "14h30". */
export function clocksIn(text: string): ClockFound[] {
  return [...text.matchAll(STRETCH)].flatMap((match): ClockFound[] => {
    const first = pieces(match.slice(1, 7));
    if (!first) return [];
    const second = pieces(match.slice(7, 13));
    const [from, to] = [match.index, match.index + match[0].length];
    // "10-11.30 am": what the end says holds for the beginning.
    const begins =
      !first.told && second?.told && second.hour >= 12 && first.hour + 12 <= second.hour
        ? { ...first, hour: first.hour + 12 }
        : first;
    return [
      {
        at: written(begins),
        ...(second && { until: written(second) }),
        from,
        to,
        certain: first.told || second?.told === true,
      },
    ];
  });
}

/** A text that is a time of a day and nothing else. */
export function clockOf(text: string): ClockFound | undefined {
  const plain = text.trim();
  const [found, ...more] = clocksIn(plain);
  return found && more.length === 0 && found.from === 0 && found.to === plain.length ? found : undefined;
}

/** Minutes of the day of "HH:MM". */
export const minuteOf = (clock: string): number => Number(clock.slice(0, 2)) * 60 + Number(clock.slice(3, 5));

/** "HH:MM" of a minute of the day, from 0; past midnight it begins anew. */
export const clockAt = (minute: number): string => {
  const within = Math.round(minute) % 1440;
  return `${String(Math.floor(within / 60)).padStart(2, "0")}:${String(within % 60).padStart(2, "0")}`;
};

/** Minutes from one time of a day to another, past midnight where it is earlier. */
export const minutesBetween = (at: string, until: string): number =>
  (minuteOf(until) - minuteOf(at) + 1440) % 1440;

const LENGTH = /^(?:(\d+)\s*[x×]\s*)?(\d+(?:[.,]\d+)?)\s*(h|hrs?|hours?|min|mins|minutes?|')?\.?$/i;

/** Minutes of "5", "5 min", "1 h", "1:30", "2x12 min"; undefined for none. */
export function minutesOf(text: string): number | undefined {
  const plain = text.trim();
  const [, h, m] = /^(\d+):(\d{2})$/.exec(plain) ?? [];
  if (h !== undefined) return Number(h) * 60 + Number(m);
  const [, times = "1", value, unit] = LENGTH.exec(plain) ?? [];
  if (value === undefined) return undefined;
  return Number(times) * Number(value.replace(",", ".")) * (unit?.toLowerCase().startsWith("h") ? 60 : 1);
}

/** Minutes of a length with its unit; a bare number is none. */
export const toldMinutesOf = (text: string): number | undefined =>
  /[a-z']\.?$/i.test(text.trim()) ? minutesOf(text) : undefined;
