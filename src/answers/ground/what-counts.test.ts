import { DEFAULT_PREFERENCES } from "@/data";
import { anOuting } from "../../../test/outings";
import { isStale, pictureFrom, searchOf } from "./other-positions";
import { tradePlaces } from "./where-the-trade-stands";
import { whatCounts } from "./what-counts";

const hockey = anOuting("hockey-semi-final");
const { intent } = hockey.view.shot;
const usual = whatCounts(hockey.view).weights;
const mine = hockey.with({
  preferences: { ...DEFAULT_PREFERENCES, weights: { [intent]: { ...usual, reach: 0, face: 5 } } },
});

test("weights counted in the search alone, so that a place had two scores: they count wherever a place is judged", () => {
  expect(whatCounts(hockey.view).own).toBe(false);
  expect(whatCounts(mine.view)).toMatchObject({ own: true, weights: { reach: 0, face: 5 } });
  const parts = (view: typeof hockey.view) => view.found!.score.parts.map((p) => p.code);
  expect(parts(hockey.view)).toContain("reach");
  expect(parts(mine.view)).not.toContain("reach");
  expect(searchOf(mine.view)!.weights).toEqual(mine.view.input!.weights);
  for (const { found } of tradePlaces(mine.view))
    if (found.ok) expect(found.score.parts.map((p) => p.code)).not.toContain("reach");
});

test("what was found for other weights, holds or another sky is no answer any more", () => {
  const input = searchOf(hockey.view)!;
  const found = {
    shotId: hockey.view.shot.id,
    at: hockey.view.at,
    step: input.step,
    heat: [],
    list: [],
    span: { from: 0, until: 1 },
    input,
  };
  expect(isStale(found, hockey.view)).toBe(false);
  expect(isStale(found, mine.view)).toBe(true);
  expect(isStale(found, hockey.changed((o) => ({ ...o, light: { ...o.light, cloudEighths: 7 } })).view)).toBe(
    true,
  );
  const ids = (things: readonly { id: string }[]): string[] => things.map((t) => t.id);
  const { bodies, lenses, converters, supports, cards } = hockey.view.bag;
  const packed = {
    bodies: ids(bodies),
    lenses: ids(lenses.slice(1)),
    converters: ids(converters),
    supports: ids(supports),
    cards: ids(cards),
  };
  expect(isStale(found, hockey.changed((o) => ({ ...o, bag: packed })).view)).toBe(true);
  const candidate = { at: hockey.view.position!.at, lensHeight: 1.6, rig: 0, score: 1 };
  expect(pictureFrom(found, candidate).ok).toBe(true);
});
