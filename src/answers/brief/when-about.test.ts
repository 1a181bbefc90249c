import { sunAt } from "@/core/light";
import { fromNothing, looked } from "../../../test/outings";
import { whenAbout } from "./when-about";

/** An outing of a subject from 04:00 to 22:00 of a day in April or another month, somewhere. */
const on = (id: string, day: { date?: string; latitude?: number } = {}) => {
  const { latitude = 52, date } = day;
  const begun = fromNothing(id, { latitude, from: "04:00", starts: "04:00", until: "22:00" });
  return looked(date ? { ...begun, date } : begun).view;
};

test("what is about at dawn and dusk has two stretches of a long day, and the sun is low in both", () => {
  const view = on("deer-standing", { date: "2027-04-15" });
  const [deer] = whenAbout(view);
  expect(deer!.stretches).toHaveLength(2);
  for (const { from, until } of deer!.stretches)
    for (const at of [from, until - 300_000]) {
      const { altitude } = sunAt(at, view.outing.ground.anchor);
      expect(altitude).toBeGreaterThan(-6.2);
      expect(altitude).toBeLessThan(8.2);
    }
  expect(deer!.stretches[0]!.until).toBeLessThan(deer!.stretches[1]!.from);
});

test("a swift of the summer is not about in winter, and the south has its summer in January", () => {
  const january = whenAbout(on("swallow-flying", { date: "2027-01-15" }))[0]!;
  expect([january.inSeason, january.stretches]).toEqual([false, []]);
  const south = whenAbout(on("swallow-flying", { date: "2027-01-15", latitude: -34 }))[0]!;
  expect(south.inSeason).toBe(true);
  expect(south.stretches.length).toBeGreaterThan(0);
});

test("whoever plays keeps no hours of the sun", () => {
  expect(whenAbout(on("football-runner"))).toEqual([]);
});
