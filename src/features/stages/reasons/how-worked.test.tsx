import { howWorked } from "@/words/how";
import { EXPOSE } from "../expose/panels";
import { FRAME } from "../frame/panels";

/** Panels of one's own choices, whose figures stand in other panels, and drawings with reasons of their own. */
const WITHOUT = [
  "frame-shot",
  "picture",
  "more-pictures",
  "kit",
  "expose-shot",
  "rails",
  "ways",
  "watch-out",
  "why",
];

test("every panel of Frame and Expose that tells figures tells how they are worked out, with a source for each", () => {
  for (const panel of [...FRAME, ...EXPOSE]) {
    const rows = howWorked(panel.id);
    expect([panel.id, panel.worked ?? false]).toEqual([panel.id, !WITHOUT.includes(panel.id)]);
    expect([panel.id, rows.length > 0]).toEqual([panel.id, !WITHOUT.includes(panel.id)]);
    for (const { figure, formula, source } of rows)
      for (const text of [figure, formula, source]) expect(text.length).toBeGreaterThan(1);
  }
});
