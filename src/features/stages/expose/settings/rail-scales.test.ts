import { DRAWN, letGo, pushed, RAILS, ticksOf } from "./rail-scales";

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

test("any two are held and the third follows; a hold was let go of by pushing another rail: it asks first", () => {
  expect(pushed({}, "shutter", 27)).toEqual({ does: "hold", locked: { shutter: 27 } });
  expect(pushed({ iso: 9 }, "shutter", 27)).toEqual({ does: "hold", locked: { iso: 9, shutter: 27 } });
  expect(pushed({ iso: 9, aperture: 12 }, "aperture", 13)).toEqual({
    does: "hold",
    locked: { iso: 9, aperture: 13 },
  });
  for (const rail of RAILS) {
    const others = RAILS.filter((r) => r !== rail);
    const locked = Object.fromEntries(others.map((r) => [r, 12]));
    expect(pushed(locked, rail, 9)).toEqual({ does: "ask", held: others });
    expect(letGo({ ...locked, [rail]: 9 }, others[0]!)).toEqual({ [others[1]!]: 12, [rail]: 9 });
  }
  const all = { shutter: 27, aperture: 12, iso: 9 };
  expect(pushed(all, "iso", 10)).toEqual({ does: "hold", locked: { ...all, iso: 10 } });
});
