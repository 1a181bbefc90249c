import { FUNCTIONS } from "@/core/figures";
import { SUBJECTS } from "@/core/catalogue";
import type { OutingView } from "@/outing/outing-view";
import { demoOutings } from "../../../demo";
import { BAGS, fromNothing, looked } from "../../../test/outings";
import { explain, EXPLAINED } from "./explain";
import { workedAgain, type Figure } from "./figure";

/** Every figure of a sum, the pressed one first. */
const figuresOf = (figure: Figure): Figure[] => [
  figure,
  ...Object.values(figure.of).flatMap((of) => (of.kind === "figure" ? figuresOf(of) : [])),
];

/** Walks every sum of a view: each figure comes out again. By a formula that is a check of its own; a method asks the whole question anew. */
function walk(view: OutingView): number {
  let walked = 0;
  for (const which of EXPLAINED) {
    const pressed = explain(view, which);
    if (!pressed) continue;
    for (const figure of figuresOf(pressed)) {
      const again = workedAgain(figure);
      const same =
        again === figure.value || Math.abs(again - figure.value) <= 1e-9 * Math.max(1, Math.abs(again));
      expect({ which, by: figure.by, again, value: figure.value, same }).toEqual({
        which,
        by: figure.by,
        again,
        value: figure.value,
        same: true,
      });
      const parts = Object.values(figure.of);
      expect([figure.by, parts.length > 0]).toEqual([figure.by, true]);
      if (FUNCTIONS[figure.by].kind === "formula")
        expect([figure.by, parts.some((p) => p.kind === "whole")]).toEqual([figure.by, false]);
      walked++;
    }
  }
  return walked;
}

test("every figure of the demo's shots that can be pressed comes out of its function again, step by step", () => {
  let walked = 0;
  for (const outing of demoOutings)
    for (const { id } of outing.shots) walked += walk(looked(outing).shot(id).view);
  expect(walked).toBeGreaterThan(1000);
});

test("and so does every figure of an outing from nothing of each subject, whatever the bag", () => {
  let walked = 0;
  SUBJECTS.forEach(({ id }, i) => {
    const { kit } = BAGS[i % BAGS.length]!;
    walked += walk(looked(fromNothing(id, {}, kit), kit).view);
  });
  expect(walked).toBeGreaterThan(5000);
});

test("what the card says is what is explained: the three settings are the field card's own", () => {
  for (const outing of demoOutings) {
    const { view } = looked(outing);
    const { settings } = view.found!.settings;
    expect(explain(view, "shutter")!.of).toMatchObject({ clicks: { value: settings.shutter } });
    expect(explain(view, "aperture")!.of).toMatchObject({ clicks: { value: settings.aperture } });
    expect(explain(view, "iso")!.of).toMatchObject({ clicks: { value: settings.iso } });
  }
});
