import { DRAWN, lockedAfterPush, RAILS, ticksOf } from "./rail-scales";

test("the rails share one step per stop and name every second of them", () => {
  for (const rail of RAILS) {
    const ticks = ticksOf(DRAWN[rail]);
    expect(ticks.every((t, i) => i === 0 || t.click - ticks[i - 1]!.click === 3)).toBe(true);
    expect(ticks[0]!.words).not.toBe("");
    expect(ticks[1]!.words).toBe("");
  }
  expect(
    ticksOf(DRAWN.shutter)
      .map((t) => t.words)
      .filter(Boolean),
  ).toEqual(["1/8", "1/30", "1/125", "1/500", "1/2000", "1/8000"]);
});

test("a push locks its rail; ISO and shutter let each other go, the aperture stays locked", () => {
  expect(lockedAfterPush({}, "shutter", 27)).toEqual({ shutter: 27 });
  expect(lockedAfterPush({ iso: 9, aperture: 12 }, "shutter", 27)).toEqual({ shutter: 27, aperture: 12 });
  expect(lockedAfterPush({ shutter: 27, aperture: 12 }, "iso", 9)).toEqual({ iso: 9, aperture: 12 });
});
