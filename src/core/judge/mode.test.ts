import { demoOutings } from "../../../demo";
import { hockeyWalk } from "../../../test/hockey-walk";
import { sceneAt, type LightPlan } from "../scene";
import { assess, lightSpread, modeFor, timeline, zonesLight } from ".";

const outing = demoOutings[0]!;
const walk = hockeyWalk;
const HOUR = 3_600_000;
const noon = Date.UTC(2026, 9, 17, 12);
const evening = Date.UTC(2026, 9, 17, 20);
const lamps = { class: "broadcast" as const, from: evening - HOUR, until: evening + 4 * HOUR };

/** From the south, where the noon sun lights what one sees. */
const south = { id: "s", name: "S", at: { x: 0, y: -60 }, lensHeight: 1.2 };

function adviceAt(at: number, light: LightPlan, offsetClicks: number, position = walk.position) {
  const zones = [
    { id: "all", name: "All", offsetClicks: 0 },
    { id: "dark", name: "Dark end", offsetClicks },
  ];
  const ground = { ...outing.ground, zones, obstacles: [], masts: [] };
  const spots = ground.spots.map((s) => ({ ...s, zoneId: "all" }));
  const input = { ...walk, position, scene: sceneAt({ ...ground, spots }, light, at) };
  const found = assess(input);
  if (!found.ok) throw new Error(found.reason);
  return modeFor({
    timeline: timeline({
      ...walk,
      position,
      ground,
      light,
      from: at,
      until: at + HOUR,
      step: 300_000,
    }),
    at,
    ahead: HOUR / 2,
    spread: lightSpread(input, found),
    zones: zonesLight(input, found),
  });
}

test("steady lamps are manual, lamps that differ by zone are manual with clicks, more than a stop is automatic ISO", () => {
  const light = { cloudEighths: 8, lamps, readings: [] };
  expect(adviceAt(evening, light, 0)).toMatchObject({ mode: "manual" });
  expect(adviceAt(evening, light, -2)).toMatchObject({ mode: "manual-with-clicks", clicks: 2 });
  expect(adviceAt(evening, light, -4)).toMatchObject({ mode: "auto-iso" });
});

test("going into dusk it advised an automatic: it is manual, and past the ceiling too", () => {
  const sunset = Date.UTC(2026, 9, 17, 16);
  const bright = { cloudEighths: 0, readings: [] };
  expect(adviceAt(sunset, bright, 0, south)).toMatchObject({ mode: "manual", reason: "into-dusk" });
  expect(adviceAt(sunset + 2 * HOUR, bright, 0, south)).toEqual({ mode: "manual", reason: "past-ceiling" });
});

test("a reading that fades was called a swing of the light", () => {
  const light = (readings: LightPlan["readings"]): LightPlan => ({
    cloudEighths: 6,
    passing: true,
    readings,
  });
  const scene = sceneAt(outing.ground, light([]), noon);
  const found = assess({ ...walk, position: south, scene });
  if (!found.ok) throw new Error(found.reason);
  const reading = {
    id: "r",
    zoneId: "pitch",
    spotId: "flick",
    positionId: "s",
    at: noon,
    settingsEv: found.light.modelEv,
    offClicks: 9,
    modelEv: found.light.modelEv,
    dayShare: 1,
  };
  const [faded, plain] = [light([reading]), light([])].map((plan) => adviceAt(noon, plan, 0, south));
  if (faded?.reason !== "light-swings" || plain?.reason !== "light-swings") throw new Error(faded?.reason);
  expect(faded.stops).toBeCloseTo(plain.stops, 9);
});

test("by day a zone of dark lamps is no darker; passing cloud sends to automatic ISO", () => {
  expect(adviceAt(noon, { cloudEighths: 8, readings: [] }, -6)).toMatchObject({ mode: "manual" });
  expect(adviceAt(noon, { cloudEighths: 4, passing: true, readings: [] }, 0, south)).toMatchObject({
    mode: "auto-iso",
  });
});
