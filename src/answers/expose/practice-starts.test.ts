import { EMPTY_LIBRARY } from "@/data";
import { anOuting } from "../../../test/outings";
import { starting } from "./practice-starts";

const mine = {
  id: "mine",
  discipline: "My hockey",
  shutter: 1 / 1250,
  least: 1 / 640,
  withLight: 1 / 2000,
  fNumber: [2.8, 4] as [number, number],
  known: "estimated" as const,
  source: "my own evenings",
};

test("starting settings that were written in the library were read by nothing: one's own come first, judged from here", () => {
  const outing = anOuting("hockey-semi-final");
  const shipped = starting(outing.view);
  expect(shipped.length).toBeGreaterThan(1);
  expect(shipped.every((s) => !s.start.own)).toBe(true);
  const withMine = starting(outing.with({ library: { ...EMPTY_LIBRARY, startingSettings: [mine] } }).view);
  expect(withMine[0]).toMatchObject({ start: { id: "mine", own: true } });
  expect(withMine[0]!.settings.shutter).toBe(31);
  expect(withMine.slice(1)).toEqual(shipped);
});
