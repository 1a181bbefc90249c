import { addSeries } from "@/outing/edits";
import { keepReading, readingFrom } from "@/outing/edits/reading";
import { anOuting } from "../../../test/outings";
import { counted } from "./keepers";
import { workedAgain } from "../explain/figure";
import { readingsTold } from "./light-here";
import { readingSum } from "./reading-sums";
import { zonesFound } from "./zones-found";

const hockey = anOuting("hockey-semi-final");

test("keepers by shutter are what was counted, and the slowest that keeps half is among them", () => {
  const { settings } = hockey.view.found!.settings;
  const shots = [
    { shutter: settings.shutter, kept: 30 },
    { shutter: settings.shutter - 3, kept: 4 },
  ];
  const { view } = hockey.changed(
    ...shots.map(({ shutter, kept }, i) =>
      addSeries({
        id: `c${i}`,
        shotId: hockey.view.shot.id,
        settings: { ...settings, shutter },
        taken: 40,
        kept,
      } as never),
    ),
  );
  const { rows, slowest } = counted(view);
  expect(rows.map((r) => [r.click, r.kept, r.taken])).toEqual(
    expect.arrayContaining([
      [settings.shutter, 30, 40],
      [settings.shutter - 3, 4, 40],
    ]),
  );
  expect(slowest).toEqual({ ok: true, value: settings.shutter });
  expect(counted(hockey.view).rows).toEqual([]);
});

test("a reading is told by the stops that it is off the model", () => {
  const { found, outing } = hockey.view;
  const { view } = hockey.changed(keepReading(readingFrom(found!, outing, 3)));
  const told = readingsTold(view)[0]!;
  const { offset } = told;
  expect(workedAgain(readingSum(told))).toBe(offset);
  // Settings are whole clicks: a reading is told within a sixth of a stop.
  expect(Math.abs(offset - 1)).toBeLessThanOrEqual(1 / 6 + 1e-9);
});

test("a zone whose readings say another offset than planned is told against the first zone; one that agrees is not", () => {
  const { found, outing } = hockey.view;
  const [first, other] = outing.ground.zones as unknown as [
    { id: string },
    { id: string; offsetClicks: number },
  ];
  const reading = (id: string, zoneId: string, off: number) => ({
    ...readingFrom(found!, outing, off),
    id,
    zoneId,
  });
  const { view } = hockey.changed(
    keepReading(reading("r1", first.id, 0)),
    keepReading(reading("r2", other.id, 6)),
  );
  const told = zonesFound(view);
  expect(told.map((z) => z.zoneId)).toEqual([other.id]);
  expect(told[0]).toMatchObject({ planned: other.offsetClicks, readings: 1 });
  expect(Math.abs(told[0]!.offsetClicks - other.offsetClicks)).toBe(6);
  expect(zonesFound(hockey.view)).toEqual([]);
});
