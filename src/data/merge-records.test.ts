import { mergeRecords } from "./merge-records";

const thing = (id: string, weight = 1) => ({ id, weight });
const before = { version: 1, cards: [thing("a"), thing("b")], order: ["x", "y"] };

test("of two tabs that each added, changed and removed something both did", () => {
  const mine = { ...before, cards: [thing("a", 5), thing("b"), thing("c")] };
  const theirs = { ...before, cards: [thing("a"), thing("d")], order: ["y", "x"] };
  expect(mergeRecords(before, mine, theirs)).toEqual({
    version: 1,
    cards: [thing("a", 5), thing("d"), thing("c")],
    order: ["y", "x"],
  });
});

test("what I removed is gone, what I changed and they removed comes back, and of one thing changed by both mine counts", () => {
  const mine = { ...before, cards: [thing("b", 7)], order: ["y"] };
  expect(mergeRecords(before, mine, { ...before, cards: [thing("a"), thing("b", 3)] })).toEqual(mine);
  expect(mergeRecords(before, mine, { ...before, cards: [thing("a")] })).toEqual(mine);
});
