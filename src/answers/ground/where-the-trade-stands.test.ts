import { SUBJECTS } from "@/core/catalogue";
import { LEAVE_KINDS, planDistance } from "@/core/ground";
import { creatureOf, stemSway } from "@/core/motion";
import { fromNothing, looked } from "../../../test/outings";
import { searchOf } from "./other-positions";
import { tradePlaces } from "./where-the-trade-stands";

const WIND = 5;

test("told wind did not reach what sits on a stem wherever it was asked: in hand, in a search and where the trade stands it sways alike", () => {
  const onStems = SUBJECTS.filter((s) => creatureOf(s) === "insect" && s.bodySpeed === 0);
  expect(onStems.length).toBeGreaterThanOrEqual(1);
  for (const { id } of onStems) {
    const windy = looked({ ...fromNothing(id), weather: { wind: { speed: WIND, from: 250 } } }).view;
    expect(windy.input!.subject.bob).toBe(stemSway(WIND));
    expect(searchOf(windy)!.subject.bob).toBe(stemSway(WIND));
    const calm = looked(fromNothing(id)).view;
    const blurOf = (view: typeof calm) =>
      tradePlaces(view).map(({ found }) => found.ok && found.motion.budget);
    if (tradePlaces(calm).length > 0) expect(blurOf(windy)).not.toEqual(blurOf(calm));
  }
});

test("where leave is not given each place of practice has a position to fall back to, which needs none and sees the spot", () => {
  let [refused, met] = [0, 0];
  for (const { id } of SUBJECTS) {
    const { view } = looked(fromNothing(id));
    for (const { at, fallBack, found, place } of tradePlaces(view)) {
      const needs = found.ok && found.judgement.some(({ code }) => code === "needs-leave");
      if (!needs) {
        if (found.ok) expect([id, place.id, fallBack]).toEqual([id, place.id, undefined]);
        continue;
      }
      refused++;
      if (!fallBack) continue;
      met++;
      const codes = fallBack.found.judgement.map(({ code }) => code);
      for (const code of ["needs-leave", "no-standing", "keep-off", "blocked", "inside-obstacle"])
        expect([id, place.id, codes]).not.toContainEqual([id, place.id, expect.arrayContaining([code])]);
      const { spot } = view;
      expect(planDistance(fallBack.at, spot.at)).toBeGreaterThanOrEqual(planDistance(at, spot.at) - 0.02);
      // Leave once given, nobody falls back.
      if (met > 10) continue;
      const given = looked(fromNothing(id)).changed((o) => ({
        ...o,
        ground: { ...o.ground, leave: [...LEAVE_KINDS] },
      }));
      expect(tradePlaces(given.view).find((p) => p.place.id === place.id)?.fallBack).toBeUndefined();
    }
  }
  expect(refused).toBeGreaterThan(20);
  expect(met / refused).toBeGreaterThan(0.9);
});
