import { mergeRecords, sameValue } from "./merge-records";

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

test("what only one of the two has is kept where I put it there, and gone where I took it away", () => {
  const bare: Record<string, unknown> = { version: 1, name: "Kit" };
  expect(mergeRecords(bare, { ...bare, mine: 2 }, { ...bare, theirs: 3 })).toEqual({
    ...bare,
    mine: 2,
    theirs: 3,
  });
  const full = { ...bare, gone: 4 };
  expect(mergeRecords<Record<string, unknown>>(full, bare, { ...full, theirs: 3 })).toEqual({
    ...bare,
    theirs: 3,
  });
  expect(mergeRecords<Record<string, unknown>>(full, full, bare)).toEqual(bare);
});

test("the same with its keys in another order counted as changed", () => {
  expect(sameValue({ a: 1, b: [{ c: 2, d: undefined }] }, { b: [{ c: 2 }], a: 1 })).toBe(true);
  for (const [a, b] of [
    [{ a: 1 }, { a: 1, b: null }],
    [
      [1, 2],
      [2, 1],
    ],
    [[1], { 0: 1 }],
    [null, {}],
    ["1", 1],
  ])
    expect(sameValue(a, b)).toBe(false);
});
