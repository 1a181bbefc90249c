import { getPosition, getTimes } from "suncalc";
import { angleBetween } from "../units";
import { moonDay, sunAt, sunCourse, sunDay, type SunEventCode } from ".";

const LATITUDES = [-80, -62, -44, -26, -8, 8, 26, 44, 62, 80];
const DAY = 86_400_000;
const place = (latitude: number, longitude = 12) => ({ latitude, longitude, elevation: 0 });
/** The day about local noon, by the sun's own time. */
const dayAt = (latitude: number, day: number, longitude = 12) => {
  const from = Date.UTC(2026, 0, 1 + day) - (longitude / 15) * 3_600_000;
  return { place: place(latitude, longitude), from, until: from + DAY };
};
const at = (events: readonly { code: SunEventCode; at: number }[], code: SunEventCode) =>
  events.find((e) => e.code === code)?.at;

test("the course of a day is the sun's place, at ten latitudes, over the date line and over the ends of the year", () => {
  let [compared, worst] = [0, 0];
  for (const latitude of LATITUDES)
    for (const longitude of [-179.9, 12, 179.9]) {
      const course = sunCourse(place(latitude, longitude));
      for (let i = -40; i < 40; i++) {
        const when = Date.UTC(2026, 0, 1) + i * 977_000 * 60;
        const [fast, exact] = [course(when), sunAt(when, place(latitude, longitude))];
        const sideways =
          angleBetween(fast.azimuth, exact.azimuth) * Math.cos((exact.altitude * Math.PI) / 180);
        worst = Math.max(worst, Math.abs(fast.altitude - exact.altitude), sideways);
        expect(Math.abs(fast.apparentAltitude - exact.apparentAltitude)).toBeLessThan(2e-4);
        compared++;
      }
    }
  expect(compared).toBe(2400);
  expect(worst).toBeLessThan(1e-4);
});

test("from half a degree under the horizon up suncalc, an independent implementation, agrees within 0.13° as it refracts", () => {
  let compared = 0;
  for (const latitude of LATITUDES)
    for (let day = 0; day < 365; day += 3)
      for (let hour = 0; hour < 24; hour += 1) {
        const when = Date.UTC(2026, 0, 1 + day, hour);
        const ours = sunAt(when, place(latitude));
        if (ours.altitude < -0.5 || ours.altitude > 10) continue;
        expect(
          Math.abs(ours.apparentAltitude - getPosition(new Date(when), latitude, 12).altitude),
        ).toBeLessThan(0.13);
        compared++;
      }
  expect(compared).toBeGreaterThan(2000);
});

test("sunrise and sunset agree with suncalc over the year: ten seconds to 62°, and at 80° but for the edges of polar day", () => {
  const edges: string[] = [];
  let compared = 0;
  for (const latitude of LATITUDES)
    for (let day = 0; day < 365; day += 5) {
      const ours = sunDay(dayAt(latitude, day));
      const noon = new Date(Date.UTC(2026, 0, 1 + day, 11, 12));
      const theirs = getTimes(noon, latitude, 12);
      const pairs = [
        [ours.sunrise, Number(theirs.sunrise)],
        [ours.sunset, Number(theirs.sunset)],
      ] as const;
      for (const [mine, other] of pairs) {
        if (mine.ok !== Number.isFinite(other) || other === 0) {
          if (mine.ok || other !== 0) edges.push(`${latitude} ${day}`);
          continue;
        }
        if (!mine.ok) continue;
        compared++;
        const most = Math.abs(latitude) <= 62 ? 10_000 : 240_000;
        expect(Math.abs(mine.value - other)).toBeLessThan(most);
      }
    }
  expect(compared).toBeGreaterThan(1150);
  // At ±80° the two differ on whether a day belongs to polar day or night on a few dates of change at the most.
  expect(edges.filter((e) => !/^-?80 /.test(e))).toEqual([]);
  expect(edges.length).toBeLessThanOrEqual(8);
});

test("twilights come in their order about noon, and the named light between them", () => {
  const { events } = sunDay(dayAt(44, 80));
  const order = [
    "astronomical-dawn",
    "nautical-dawn",
    "civil-dawn",
    "sunrise",
    "noon",
    "sunset",
    "civil-dusk",
    "nautical-dusk",
    "astronomical-dusk",
  ] as const;
  const times = order.map((code) => at(events, code)!);
  expect(times).toEqual([...times].sort((a, b) => a - b));
  expect(at(events, "blue-begins")).toBe(at(events, "civil-dawn"));
  expect(at(events, "golden-begins")).toBe(at(events, "blue-ends"));
  for (const e of events) {
    const wanted: Partial<Record<SunEventCode, number>> = {
      "astronomical-dusk": -18,
      "nautical-dawn": -12,
      "civil-dusk": -6,
      sunset: -0.833,
    };
    if (wanted[e.code] !== undefined) expect(sunAt(e.at, place(44)).altitude).toBeCloseTo(wanted[e.code]!, 2);
  }
});

test("the user may move the limits of golden light", () => {
  const usual = sunDay(dayAt(44, 80)).events;
  const moved = sunDay({ ...dayAt(44, 80), named: { golden: [-4, 10], blue: [-6, -4] } }).events;
  expect(moved.filter((e) => e.code === "golden-ends")[0]!.at).toBeGreaterThan(
    usual.filter((e) => e.code === "golden-ends")[0]!.at,
  );
});

test("polar day and night are answers that say which; at midsummer there is still a noon", () => {
  const summer = sunDay(dayAt(69.65, 171));
  expect(summer.sunset).toEqual({ ok: false, reason: "sun-never-sets" });
  expect(summer.events.map((e) => e.code)).toContain("noon");
  const winter = sunDay(dayAt(69.65, 354));
  expect(winter.sunrise).toEqual({ ok: false, reason: "sun-never-rises" });
  expect(winter.events.map((e) => e.code)).toContain("civil-dawn");
  expect(sunDay(dayAt(90, 171)).sunrise).toMatchObject({ ok: false });
});

test("a sun that shows itself for a quarter of an hour is not missed", () => {
  // 69.65° N: the last short days of November.
  const short = [...Array(30).keys()]
    .map((i) => sunDay(dayAt(69.65, 315 + i, 18.96)))
    .filter((d) => d.sunrise.ok && d.sunset.ok)
    .map((d) => (d.sunset.ok && d.sunrise.ok ? d.sunset.value - d.sunrise.value : 0) / 60_000);
  expect(Math.min(...short)).toBeGreaterThan(0);
  expect(Math.min(...short)).toBeLessThan(90);
  expect(short).toEqual([...short].sort((a, b) => b - a));
});

test("the local days of a clock change have 23 and 25 hours and one sunrise and one sunset each", () => {
  // Europe/London: 2026-03-29 begins at 00:00 UTC and lasts 23 hours; 2026-10-25 begins at 23:00 UTC the day before.
  const changes = [
    { from: Date.UTC(2026, 2, 29, 0), until: Date.UTC(2026, 2, 29, 23), hours: 23 },
    { from: Date.UTC(2026, 9, 24, 23), until: Date.UTC(2026, 9, 26, 0), hours: 25 },
  ];
  for (const { from, until, hours } of changes) {
    expect((until - from) / 3_600_000).toBe(hours);
    const { events } = sunDay({ place: { latitude: 53.21, longitude: -1.44, elevation: 0 }, from, until });
    expect(events.filter((e) => e.code === "sunrise")).toHaveLength(1);
    expect(events.filter((e) => e.code === "sunset")).toHaveLength(1);
  }
});

test("NREL/TP-560-34302: sunrise 06:12:43 on 17 October 2003; its sunset 17:20:19 is that of the 16th", () => {
  const denver = { latitude: 39.742476, longitude: -105.1786, elevation: 1830.14 };
  const local = (day: number) => Date.UTC(2003, 9, day, 7);
  const on = (day: number) => sunDay({ place: denver, from: local(day), until: local(day + 1) });
  const clock = (day: number, h: number, m: number, s: number) => local(day) + ((h * 60 + m) * 60 + s) * 1000;
  const [sixteenth, seventeenth] = [on(16), on(17)];
  expect(seventeenth.sunrise.ok && Math.abs(seventeenth.sunrise.value - clock(17, 6, 12, 43))).toBeLessThan(
    2000,
  );
  expect(sixteenth.sunset.ok && Math.abs(sixteenth.sunset.value - clock(16, 17, 20, 19))).toBeLessThan(2000);
  expect(seventeenth.sunset.ok && Math.abs(seventeenth.sunset.value - clock(17, 17, 18, 51))).toBeLessThan(
    2000,
  );
});

test("the moon rises about fifty minutes later from day to day, and above the arctic circle stays up or down for days", () => {
  const rises = [...Array(28).keys()].flatMap((day) => moonDay(dayAt(44, 100 + day)).rises);
  expect(rises.length).toBeGreaterThanOrEqual(26);
  const later = (rises[rises.length - 1]! - rises[0]!) / (rises.length - 1) / 60_000 - 1440;
  expect(later).toBeGreaterThan(45);
  expect(later).toBeLessThan(56);
  const states = [...Array(28).keys()].map((day) => moonDay(dayAt(80, 100 + day)).state);
  expect(new Set(states)).toEqual(new Set(["rises-or-sets", "up-all-through", "down-all-through"]));
});
