import { SUBJECTS } from "@/core/catalogue";
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
