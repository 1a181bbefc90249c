import { z } from "zod";
import { assess, timeline } from "@/core/judge";
import { sunCourse } from "@/core/light";
import { sceneAt, type LightPlan } from "@/core/scene";
import { lightPlanOf, wallTimeOf, type Outing } from "@/data";
import { editLight, type Edit } from "../edits/edit";
import type { OutingView } from "../outing-view";

export type Forecast = NonNullable<Outing["forecast"]>;

/** A forecast's file, and the stand-in's answer; docs/stand-ins.md tells the form. */
const fileSchema = z.object({
  format: z.literal("bright-perch-forecast"),
  version: z.literal(1),
  latitude: z.number().min(-90).max(90),
  longitude: z.number().min(-180).max(180),
  hours: z
    .array(
      z.object({
        at: z.number().min(0).max(1e14),
        members: z
          .array(
            z.object({
              cloud: z.number().min(0).max(8),
              rain: z.number().min(0).max(500),
              wind: z.number().min(0).max(120),
              temperature: z.number().min(-90).max(70),
            }),
          )
          .min(1)
          .max(200),
      }),
    )
    .min(1)
    .max(400),
});

export type ForecastRead =
  | { readonly ok: true; readonly forecast: Forecast }
  | {
      readonly ok: false;
      readonly reason: "not-json" | "not-understood" | "elsewhere" | "another-time";
      /** Where in the file, and why. */
      readonly where?: string;
    };

/** Degrees of latitude and longitude by which a forecast may lie off the outing's place: some fifty kilometres. */
const NEAR = 0.5;
const HOUR = 3_600_000;
/** From the lowest to the highest tenth of the members, and the middle one of them. */
const TENTHS = [0.1, 0.2, 0.3, 0.4, 0.5, 0.6, 0.7, 0.8, 0.9];
const MIDDLE = 4;

/** The value below which a share of the values lies, linear between them; 0 of none. */
function quantile(values: readonly number[], share: number): number {
  const sorted = values.toSorted((a, b) => a - b);
  const at = share * (sorted.length - 1);
  const [low, high] = [sorted[Math.floor(at)] ?? 0, sorted[Math.ceil(at)] ?? 0];
  return low + (at - Math.floor(at)) * (high - low);
}

/** Reads a forecast for an outing: of its place and its hours, its members as a band. Changes nothing. */
export function readForecast(text: string, outing: Outing, window: OutingView["window"]): ForecastRead {
  let raw: unknown;
  try {
    raw = JSON.parse(text);
  } catch {
    return { ok: false, reason: "not-json" };
  }
  const read = fileSchema.safeParse(raw);
  if (!read.success) {
    const [issue] = read.error.issues;
    return { ok: false, reason: "not-understood", where: `${issue?.path.join(".")}: ${issue?.message}` };
  }
  const { latitude, longitude, hours } = read.data;
  const { anchor } = outing.ground;
  const across = Math.abs(((longitude - anchor.longitude + 540) % 360) - 180);
  if (
    Math.abs(latitude - anchor.latitude) > NEAR ||
    across > NEAR / Math.cos((anchor.latitude * Math.PI) / 180)
  )
    return { ok: false, reason: "elsewhere" };
  const own = hours
    .filter(({ at }) => at >= window.from - HOUR && at <= window.until + HOUR)
    .toSorted((a, b) => a.at - b.at);
  if (own.length === 0) return { ok: false, reason: "another-time" };
  return {
    ok: true,
    forecast: {
      hours: own.map(({ at, members }) => {
        const bandOf = (of: (m: (typeof members)[number]) => number): [number, number, number] => {
          const values = members.map(of);
          return [quantile(values, 0.1), quantile(values, 0.5), quantile(values, 0.9)];
        };
        const wet = members.filter((m) => m.rain >= 0.1);
        return {
          at,
          cloud: bandOf((m) => m.cloud),
          cloudTenths: TENTHS.map((share) =>
            quantile(
              members.map((m) => m.cloud),
              share,
            ),
          ),
          rain: {
            share: wet.length / members.length,
            mm: quantile(
              wet.map((m) => m.rain),
              0.5,
            ),
          },
          wind: bandOf((m) => m.wind),
          temperature: bandOf((m) => m.temperature),
        };
      }),
    },
  };
}

/** The forecast's hour that holds a minute; the nearest one before its first. */
export const hourAt = ({ hours }: Forecast, at: number): Forecast["hours"][number] =>
  hours.findLast((h) => h.at <= at) ?? hours[0]!;

export const setForecast =
  (forecast: Forecast | undefined): Edit =>
  (outing) => ({ ...outing, forecast });

/** The outing planned with the middle of its forecast: cloud by the hour, wind's strength, temperature and rain. */
export const planWithForecast: Edit = (outing) => {
  const { forecast, weather } = outing;
  if (!forecast) return outing;
  const cloudHours = new Map(
    forecast.hours.map((h) => [wallTimeOf(h.at, outing.timeZone), Math.round(h.cloud[1])] as const),
  );
  const middle = forecast.hours[Math.floor(forecast.hours.length / 2)]!;
  const wet = forecast.hours.some((h) => h.rain.share >= 0.5);
  const planned = editLight(() => ({
    cloudHours: [...cloudHours]
      .slice(0, 24)
      .map(([at, eighths]) => ({ at, eighths }))
      .toSorted((a, b) => a.at.localeCompare(b.at)),
  }))(outing);
  return {
    ...planned,
    weather: {
      ...weather,
      temperature: Math.round(middle.temperature[1]),
      ...(weather?.wind && { wind: { ...weather.wind, speed: Math.min(60, middle.wind[1]) } }),
      falls: wet ? (middle.temperature[1] < 0 ? "snow" : "rain") : weather?.falls,
    },
  };
};

/** An hour's cloud at one of the tenths: along the band where the forecast tells no more. */
function cloudAtTenth({ cloud, cloudTenths }: Forecast["hours"][number], tenth: number): number {
  if (cloudTenths) return cloudTenths[tenth]!;
  const [low, middle, high] = cloud;
  return tenth < MIDDLE
    ? low + ((middle - low) * tenth) / MIDDLE
    : middle + ((high - middle) * (tenth - MIDDLE)) / MIDDLE;
}

/**
 * The skies that the forecast holds possible, from its clearest tenth to its most clouded. Broken cloud is brighter than a clear sky,
 * so what the light could be is asked of each, and not of the ends alone.
 */
const skiesOf = (outing: Outing, { hours }: Forecast): LightPlan[] =>
  TENTHS.map((_, tenth) => ({
    ...lightPlanOf(outing),
    passing: false,
    cloudCourse: hours.map((h) => ({ at: h.at, eighths: cloudAtTenth(h, tenth) })),
  }));

/** EV of the light as it could be, at a moment of the outing. */
export interface LightCouldBe {
  /** Epoch milliseconds. */
  readonly at: number;
  readonly low: number;
  readonly high: number;
}

const STEP = 15 * 60_000;

/** The light on the subject as a band through the outing, from the position that is looked from; nothing without a forecast. */
export function lightBand({ outing, input, window }: OutingView): LightCouldBe[] | undefined {
  const { forecast } = outing;
  if (!forecast || !input || outing.light.roof) return undefined;
  const { scene: _, ...asked } = input;
  const course = { ground: outing.ground, from: window.from, until: window.until, step: STEP };
  const skies = skiesOf(outing, forecast).map((light) => timeline({ ...asked, ...course, light }).points);
  return skies[MIDDLE]!.map(({ at }, i) => {
    const evs = skies.flatMap((points) => points[i]?.ev ?? []);
    return { at, low: Math.min(...evs), high: Math.max(...evs) };
  });
}

/** The settings to expect, and those of the brightest and of the darkest light that the forecast holds possible; nothing without a forecast or a picture. */
export function couldBe({ outing, input, at }: Pick<OutingView, "outing" | "input" | "at">) {
  const { forecast } = outing;
  if (!forecast || !input || outing.light.roof) return undefined;
  const { scene: _, ...asked } = input;
  const sun = sunCourse(outing.ground.anchor)(at);
  const found = skiesOf(outing, forecast).flatMap((light) => {
    const there = assess({ ...asked, scene: sceneAt(outing.ground, light, at, sun) });
    return there.ok ? [{ ev: there.light.ev, settings: there.settings.settings }] : [];
  });
  const middle = found[MIDDLE];
  if (!middle) return undefined;
  const byLight = found.toSorted((a, b) => b.ev - a.ev);
  return { brightest: byLight[0]!, middle, darkest: byLight.at(-1)! };
}
