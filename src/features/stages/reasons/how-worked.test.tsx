import { howOf } from "@/answers/explain/how";
import { methodWords } from "@/words/methods";
import { EXPOSE } from "../expose/panels";
import { FRAME } from "../frame/panels";

/** Panels of one's own choices, whose figures stand in other panels, and drawings with reasons of their own. */
const WITHOUT = [
  "frame-shot",
  "picture",
  "more-pictures",
  "frame-kit",
  "expose-kit",
  "expose-shot",
  "settings",
  "ways",
  "watch-out",
  "why",
];

test("every panel of Frame and Expose that tells figures tells how they are worked out, with a source for each", () => {
  for (const panel of [...FRAME, ...EXPOSE]) {
    const how = howOf(panel.worked ?? []);
    expect([panel.id, how.length > 0]).toEqual([panel.id, !WITHOUT.includes(panel.id)]);
    for (const { name, text, inputs, source } of how) {
      expect(source.length).toBeGreaterThan(1);
      if (text === undefined) expect(methodWords(name as never).length).toBeGreaterThan(20);
      else expect(inputs.length).toBeGreaterThan(0);
    }
  }
});
