import { getPosition, getTimes } from "suncalc";
import { angleBetween } from "../units";
import { nextSunset, skyPhase, sunAt } from "./sun";

const DENVER = { latitude: 39.742476, longitude: -105.1786, elevation: 1830.14 };

// NREL/TP-560-34302, worked example of appendix A.5: 2003-10-17 12:30:30 UTC−7.
test("the worked example of NREL/TP-560-34302", () => {
  const sun = sunAt(Date.UTC(2003, 9, 17, 19, 30, 30), DENVER);
  const withoutRefraction = 90 - 50.11162 - 0.01633;
  expect(Math.abs(sun.altitude - withoutRefraction)).toBeLessThan(0.001);
  expect(Math.abs(sun.azimuth - 194.34024)).toBeLessThan(0.001);
  expect(Math.abs(sun.apparentAltitude - (90 - 50.11162))).toBeLessThan(0.005);
});

test("on 17 October it sets there at 17:18:51", () => {
  const set = nextSunset(Date.UTC(2003, 9, 17, 19, 30, 30), DENVER);
  expect(set.ok && Math.abs(set.value - Date.UTC(2003, 9, 18, 0, 18, 51))).toBeLessThan(2000);
});

test("suncalc, an independent implementation, agrees through a year at ten latitudes", () => {
  let compared = 0;
  for (const latitude of [-80, -62, -44, -26, -8, 8, 26, 44, 62, 80])
    for (let day = 0; day < 365; day += 13)
      for (const hour of [3, 9, 15, 21]) {
        const at = Date.UTC(2026, 0, 1 + day, hour);
        const ours = sunAt(at, { latitude, longitude: 12, elevation: 0 });
        const theirs = getPosition(new Date(at), latitude, 12);
        if (ours.altitude < 10) continue;
        compared++;
        expect(Math.abs(ours.apparentAltitude - theirs.altitude)).toBeLessThan(0.02);
        const spread = 0.02 / Math.cos((ours.altitude * Math.PI) / 180);
        expect(angleBetween(ours.azimuth, theirs.azimuth)).toBeLessThan(spread);
      }
  expect(compared).toBeGreaterThan(300);
});

test("sunsets agree with suncalc within ten seconds up to 60°", () => {
  for (const latitude of [-60, -35, 0, 35, 53.21, 60])
    for (const month of [0, 3, 6, 9]) {
      const noon = new Date(Date.UTC(2026, month, 15, 12));
      const ours = nextSunset(noon.getTime(), { latitude, longitude: 0, elevation: 0 });
      const theirs = getTimes(noon, latitude, 0).sunset;
      expect(ours.ok && Math.abs(ours.value - Number(theirs))).toBeLessThan(10_000);
    }
});

test("polar day and polar night are answers", () => {
  const tromso = { latitude: 69.65, longitude: 18.96, elevation: 0 };
  expect(nextSunset(Date.UTC(2026, 5, 21, 12), tromso)).toMatchObject({
    ok: false,
    reason: "sun-never-sets",
  });
  expect(nextSunset(Date.UTC(2026, 11, 21, 11), tromso)).toMatchObject({
    ok: false,
    reason: "sun-never-rises",
  });
});

test("named light by altitude", () => {
  expect([20, 6, 5.9, -3.9, -5, -8, -15, -30].map(skyPhase)).toEqual([
    "day",
    "day",
    "golden",
    "golden",
    "blue",
    "nautical",
    "astronomical",
    "night",
  ]);
});
