import { addSeries } from "@/outing/edits";
import { keepReading, readingFrom } from "@/outing/edits/reading";
import { anOuting } from "../../../test/outings";
import { counted } from "./keepers";
import { workedAgain } from "../explain/figure";
import { readingsTold } from "./light-here";
import { readingSum } from "./reading-sums";

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
