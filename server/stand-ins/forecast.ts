import { z } from "zod";
import { evenFrom } from "../../src/core/units";

/** For where and when a forecast is asked. */
export const forecastSchema = z.object({
  latitude: z.coerce.number().min(-90).max(90),
  longitude: z.coerce.number().min(-180).max(180),
  /** Epoch milliseconds; at most ten days. */
  from: z.coerce.number().min(0).max(1e14),
  until: z.coerce.number().min(0).max(1e14),
  seed: z.coerce.number().int().min(0).max(1e9).default(1),
});
export type ForecastAsked = z.infer<typeof forecastSchema>;

const HOUR = 3_600_000;
const MEMBERS = 11;
const MOST_HOURS = 240;

/** The form of a forecast, of this stand-in and of a file: members hour by hour. docs/stand-ins.md tells it. */
export interface Forecast {
  readonly format: "bright-perch-forecast";
  readonly version: 1;
  readonly latitude: number;
  readonly longitude: number;
  readonly hours: readonly {
    /** Epoch milliseconds. */
    readonly at: number;
    readonly members: readonly {
      /** Eighths of the sky, 0 … 8. */
      readonly cloud: number;
      /** Millimetres an hour. */
      readonly rain: number;
      /** m/s. */
      readonly wind: number;
      /** Degrees Celsius. */
      readonly temperature: number;
    }[];
  }[];
}

const within = (least: number, value: number, most: number): number => Math.min(most, Math.max(least, value));
const tenth = (value: number): number => Math.round(value * 10) / 10;

/** A made-up forecast: members that part from each other as the hours go on; the same for the same place, day and seed. */
export function forecastFor({ latitude, longitude, from, until, seed }: ForecastAsked): Forecast {
  const first = Math.floor(from / HOUR) * HOUR;
  const count = Math.min(MOST_HOURS, Math.max(1, Math.ceil((until - first) / HOUR) + 1));
  const random = evenFrom(
    seed + Math.round(100 * latitude) + 7 * Math.round(100 * longitude) + Math.round(first / 86_400_000),
  );
  const season = Math.cos(((new Date(first).getUTCMonth() - 6.5) / 6) * Math.PI) * (latitude < 0 ? -1 : 1);
  const mean = 22 - 0.35 * Math.max(0, Math.abs(latitude) - 25) + 9 * season;
  const members = Array.from({ length: MEMBERS }, () => ({
    cloud: 8 * random(),
    wind: 1 + 6 * random(),
    warmer: 3 * (random() - 0.5),
  }));
  const common = { cloud: 8 * random(), wind: 2 + 5 * random() };
  const hours = Array.from({ length: count }, (_, i) => {
    const at = first + i * HOUR;
    // Hours ahead part the members: apart from the first on, nearly each by itself after a day.
    const own = Math.min(0.9, 0.4 + i / 48);
    const solar = new Date(at).getUTCHours() + longitude / 15;
    const warmest = 4 * Math.cos(((solar - 15) / 12) * Math.PI);
    return {
      at,
      members: members.map((m) => {
        const cloud = within(0, common.cloud * (1 - own) + m.cloud * own + random() - 0.5, 8);
        return {
          cloud: tenth(cloud),
          rain: cloud > 6 ? tenth((cloud - 6) * random()) : 0,
          wind: tenth(within(0, common.wind * (1 - own) + m.wind * own, 40)),
          temperature: tenth(mean + warmest + m.warmer * own - 0.3 * (cloud - 4)),
        };
      }),
    };
  });
  return { format: "bright-perch-forecast", version: 1, latitude, longitude, hours };
}
