import type { Reading } from "@/core/light";
import { lightAsPlanned, shiftLightAt, takeLight } from "@/outing/edits";
import { keepReading, readingFrom } from "@/outing/edits/reading";
import { lightTodayWords } from "@/words/light-today";
import { anOuting } from "../../../test/outings";
import { measuredHere } from "../shot/measured";
import { lightToday } from "./light-today";

const MINUTE = 60_000;
const hockey = anOuting("hockey-semi-final");
const bare = hockey.changed((o) => ({ ...o, light: { ...o.light, readings: [], lamps: null } }));

/** The outing once readings of its spot were kept, each so many minutes after the start and so many clicks too bright. */
const read = (from: typeof bare, ...told: readonly (readonly [number, number])[]) =>
  told.reduce((now, [minutes, clicks], i) => {
    const at = now.at(now.view.window.starts + minutes * MINUTE);
    const reading: Reading = { ...readingFrom(at.found!, now.view.outing, 0), id: `reading-${i + 50}` };
    // Off the plan, whatever the plan holds by now.
    const off = { ...reading, settingsEv: reading.modelEv, offClicks: clicks };
    return now.changed(keepReading(off));
  }, from);

const wall = (at: number): string => new Date(at).toISOString().slice(11, 16);

test("nothing is said of the light before anything was read, or where what was read is the plan", () => {
  expect(lightToday(bare.view)).toBeUndefined();
  expect(lightToday(read(bare, [10, 0]).view)).toBeUndefined();
  // The last one says that it is as planned again.
  expect(lightToday(read(bare, [10, -3], [30, 0]).view)).toBeUndefined();
});

test("the light is told since the first reading of those that agree, by the middle of them", () => {
  const { view } = read(bare, [5, 2], [10, -2], [20, -2], [30, -4]);
  const today = lightToday(view)!;
  expect(today).toMatchObject({ source: "day", clicks: -2, readings: 3 });
  expect(today.since).toBe(view.window.starts + 10 * MINUTE);
  expect(lightTodayWords(today, wall)).toMatch(/^Daylight 2\/3 stop under the plan since \d\d:\d\d/);
});

test("under a darker day the ceiling breaks earlier, and the settings then are those that the press plans", () => {
  const darker = read(bare, [10, -6], [20, -6]);
  const today = lightToday(darker.view)!;
  expect(today.ceiling.today!).toBeLessThan(today.ceiling.planned!);
  expect(lightTodayWords(today, wall)).toContain(
    `from ${wall(today.ceiling.today!)}, not ${wall(today.ceiling.planned!)}`,
  );
  const planned = darker.changed(takeLight(today.source, today.taken));
  expect(lightToday(planned.view)).toBeUndefined();
  const breaks = planned.view.timeline.moments.find((m) => m.code === "past-ceiling")!;
  expect(Math.abs(breaks.at - today.ceiling.today!)).toBeLessThan(5000);
  const back = planned.changed(lightAsPlanned);
  expect(lightToday(back.view)).toEqual(today);
});

test("put into everything it holds in a zone that nobody has read, and does not fade", () => {
  const hour = (of: typeof bare) => of.at(of.view.window.starts + 90 * MINUTE);
  const lit = read(bare, [10, -3]);
  const today = lightToday(lit.view)!;
  const planned = lit.changed(takeLight(today.source, today.taken));
  const apart = planned.changed(shiftLightAt(planned.view.spot.id, 0));
  const was = hour(bare).found!.light.ev;
  expect(hour(planned).found!.light.ev).toBeCloseTo(was - 1, 2);
  const other = apart.changed((o) => ({ ...o, light: { ...o.light, readings: [] } }));
  expect(hour(other).found!.light.ev).toBeCloseTo(was - 1, 2);
});

test("what was measured is drawn beside what the plan had there and then, in the zone in hand alone", () => {
  const { view } = read(bare, [10, -3]);
  const [point] = measuredHere(view);
  expect(point!.ev).toBeCloseTo(point!.planned - 1, 9);
  const elsewhere = bare.changed((o) => ({
    ...o,
    light: { ...o.light, readings: view.outing.light.readings.map((r) => ({ ...r, zoneId: "elsewhere" })) },
  }));
  expect(measuredHere(elsewhere.view)).toEqual([]);
});
