import { anOuting } from "../../test/outings";
import { answered, ofPicture } from "./answered";

test("an answer is worked out once for the same picture, and anew for another minute", () => {
  const { at, view } = anOuting("hockey-semi-final");
  let made = 0;
  const answer = answered(ofPicture, (input, found) => ({ input, found, made: ++made }));
  const first = answer(view);
  expect(answer(view)).toBe(first);
  expect(answer(at(view.window.starts)).made).toBe(answer(at(view.window.starts)).made);
  expect(answer(at(view.window.starts + 3_600_000))).not.toBe(first);
  expect(made).toBeGreaterThan(1);
});
