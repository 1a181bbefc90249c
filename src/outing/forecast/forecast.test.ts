import { demoKit, demoOutings } from "../../../demo";
import { DEFAULT_PREFERENCES, EMPTY_LIBRARY, outingSchema, windowOf, type Outing } from "@/data";
import { createAssessments } from "../assessments";
import { createViews } from "../outing-view";
import { beginSelection } from "../selection";
import { forecastFor } from "../../../server/stand-ins/forecast";
import {
  couldBe,
  hourAt,
  lightBand,
  planWithForecast,
  readForecast,
  setForecast,
  type Forecast,
} from "./forecast";

const hockey = demoOutings[0]!;
const window = windowOf(hockey);
const { latitude, longitude } = hockey.ground.anchor;
const asked = { latitude, longitude, from: window.from, until: window.until, seed: 5 };
const viewOf = (outing: Outing, at = window.starts) =>
  createViews(createAssessments())({
    outing,
    kit: demoKit,
    preferences: DEFAULT_PREFERENCES,
    library: EMPTY_LIBRARY,
    selection: { ...beginSelection(outing), minute: { at, live: false } },
    now: 0,
  });
const read = (value: object, outing = hockey) => readForecast(JSON.stringify(value), outing, window);
const member = (cloud: number) => ({ cloud, rain: cloud > 6 ? 1 : 0, wind: cloud, temperature: 10 + cloud });
const steady = (clouds: number[]): object => ({
  ...forecastFor(asked),
  hours: [{ at: window.from, members: clouds.map(member) }],
});
const forecastOf = (clouds: number[]): Forecast => {
  const found = read(steady(clouds));
  if (!found.ok) throw new Error(found.reason);
  return found.forecast;
};

test("members become a band: the lowest tenth, the middle, the highest tenth, and the share with rain", () => {
  const { hours } = forecastOf([0, 1, 2, 3, 4, 5, 6, 7, 8, 8, 8]);
  expect(hours[0]!.cloud).toEqual([1, 5, 8]);
  expect(hours[0]!.rain).toEqual({ share: 4 / 11, mm: 1 });
  expect(hours[0]!.temperature).toEqual([11, 15, 18]);
});

test("the stand-in's forecast is read for the outing's hours and passes the schema; another place, time or form is refused", () => {
  const found = read(forecastFor(asked));
  expect(found.ok && found.forecast.hours.length).toBeGreaterThan(2);
  expect(outingSchema.safeParse(found.ok && setForecast(found.forecast)(hockey)).error).toBeUndefined();
  expect(readForecast("{", hockey, window)).toEqual({ ok: false, reason: "not-json" });
  expect(read({ ...forecastFor(asked), version: 2 })).toMatchObject({
    reason: "not-understood",
    where: expect.stringMatching(/^version: /),
  });
  expect(read(forecastFor({ ...asked, latitude: latitude + 2 }))).toEqual({ ok: false, reason: "elsewhere" });
  expect(read(forecastFor({ ...asked, from: 0, until: 1 }))).toEqual({ ok: false, reason: "another-time" });
  // Over the date line a degree is a degree.
  const far = {
    ...hockey,
    ground: { ...hockey.ground, anchor: { ...hockey.ground.anchor, longitude: -179.9 } },
  };
  expect(read({ ...forecastFor(asked), longitude: 179.9 }, far).ok).toBe(true);
});

test("the band of the light holds what the outing itself expects, and members that agree make it thin", () => {
  const wide = lightBand(viewOf(setForecast(forecastOf([0, 4, 8]))(hockey)))!;
  const thin = lightBand(viewOf(setForecast(forecastOf([3, 3, 3]))(hockey)))!;
  expect(wide.length).toBeGreaterThan(5);
  expect(Math.max(...wide.map((b) => b.high - b.low))).toBeGreaterThan(0.5);
  expect(Math.max(...thin.map((b) => b.high - b.low))).toBeLessThan(1e-9);
  expect(lightBand(viewOf(hockey))).toBeUndefined();
  const roofed = {
    ...setForecast(forecastOf([0, 8]))(hockey),
    light: { ...hockey.light, roof: { daylightShare: 0.1 } },
  };
  expect(lightBand(viewOf(roofed))).toBeUndefined();
});

test("the band lay under its own middle, since half a sky of cloud is brighter than none and than all: it holds what each member expects", () => {
  let tried = 0;
  for (const clouds of [
    [0, 4, 8],
    [1, 3, 4, 5, 8],
    [0, 0, 5, 8, 8],
  ])
    for (const position of ["a", "b", "c"]) {
      const outing = setForecast(forecastOf(clouds))(hockey);
      const view = createViews(createAssessments())({
        outing,
        kit: demoKit,
        preferences: DEFAULT_PREFERENCES,
        library: EMPTY_LIBRARY,
        selection: { ...beginSelection(outing), positionId: position },
        now: 0,
      });
      const planned = createViews(createAssessments())({
        outing: planWithForecast(outing),
        kit: demoKit,
        preferences: DEFAULT_PREFERENCES,
        library: EMPTY_LIBRARY,
        selection: { ...beginSelection(outing), positionId: position },
        now: 0,
      });
      for (const { at, low, high } of lightBand(view)!) {
        const own = planned.timeline.points.find((p) => p.at === at);
        if (!own) continue;
        expect(own.ev).toBeGreaterThanOrEqual(low - 1e-9);
        expect(own.ev).toBeLessThanOrEqual(high + 1e-9);
        tried++;
      }
    }
  expect(tried).toBeGreaterThan(40);
});

test("what the card could be lies between the brightest and the darkest sky, and the plan takes the middle over", () => {
  const outing = setForecast(forecastOf([0, 4, 8]))(hockey);
  const found = couldBe(viewOf(outing))!;
  expect(found.brightest.ev).toBeGreaterThan(found.darkest.ev);
  expect(found.middle.ev).toBeLessThanOrEqual(found.brightest.ev);
  expect(found.middle.ev).toBeGreaterThanOrEqual(found.darkest.ev);
  expect(couldBe(viewOf(hockey))).toBeUndefined();
  const planned = planWithForecast(outing);
  expect(outingSchema.safeParse(planned).error).toBeUndefined();
  expect(planned.light.cloudHours?.map((h) => h.eighths)).toEqual([4]);
  expect(planned.weather?.temperature).toBe(14);
  expect(hourAt(outing.forecast!, window.until)).toBe(outing.forecast!.hours[0]);
  expect(planWithForecast(hockey)).toBe(hockey);
});
