import { SUBJECTS } from "@/core/catalogue";
import { isoSpeed, shutterSeconds } from "@/core/exposure";
import { EMPTY_LIBRARY } from "@/data";
import { anOuting, fromNothing, looked } from "../../../test/outings";
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

test("every subject begins within a stop of a shutter of practice, or has its reason: light to spare, a start that loses, a rest", () => {
  let [compared, apart] = [0, 0];
  for (const { id } of SUBJECTS) {
    const { view } = looked(fromNothing(id));
    const starts = starting(view);
    if (!view.found || !view.input || starts.length === 0) continue;
    const { shutter, iso } = view.found.settings.settings;
    const seconds = shutterSeconds(shutter);
    const stopsFrom = ({ start }: (typeof starts)[number]): number => {
      const fast = Math.min(start.shutter, start.withLight ?? start.shutter);
      const slow = Math.max(start.shutter, start.least);
      return Math.max(0, Math.log2(fast / seconds), Math.log2(seconds / slow));
    };
    const nearest = [...starts].sort((a, b) => stopsFrom(a) - stopsFrom(b))[0]!;
    compared++;
    if (stopsFrom(nearest) <= 1) continue;
    apart++;
    const faster = seconds < nearest.start.shutter;
    const spare = isoSpeed(iso) <= view.input.rig.body.baseIso * 1.1;
    const reason = faster ? spare || nearest.chance < 0.85 : view.found.motion.held.chance >= 0.85;
    expect([id, seconds, nearest.start.id, reason]).toEqual([id, seconds, nearest.start.id, true]);
  }
  expect(compared).toBeGreaterThan(130);
  // One of six has its reason; the others agree with practice.
  expect(apart / compared).toBeLessThan(1 / 6);
});
