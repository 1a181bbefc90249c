import { mergeRecords, sameValue, takenBack } from "./merge-records";

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

test("lists within a record were taken whole, and lists that were not there yet", () => {
  const old: Record<string, unknown> = { ground: { spots: [thing("a")], surface: "grass" } };
  const mine = { ground: { spots: [thing("a"), thing("m")], surface: "clay" } };
  const theirs = { ground: { spots: [thing("a", 9)], surface: "grass", windows: [thing("w")] } };
  expect(mergeRecords(old, mine, theirs)).toEqual({
    ground: { spots: [thing("a", 9), thing("m")], surface: "clay", windows: [thing("w")] },
  });
  const both = { ground: { ...mine.ground, windows: [thing("x")] } };
  expect(mergeRecords(old, both, theirs)).toMatchObject({
    ground: { windows: [thing("w"), thing("x")] },
  });
});

test("an undo put the whole back as it was: it takes back its own change, at its own place, and keeps what was done since", () => {
  const start: Record<string, unknown> = {
    notes: "",
    ground: { things: [thing("a"), thing("b"), thing("c")] },
    choices: [
      { shotId: "s", lens: 1 },
      { shotId: "t", lens: 1 },
    ],
  };
  const removed = {
    ...start,
    ground: { things: [thing("a"), thing("c")] },
    choices: [
      { shotId: "s", lens: 2 },
      { shotId: "t", lens: 1 },
    ],
  };
  const since = {
    notes: "mind the gate",
    ground: { things: [thing("a", 4), thing("c"), thing("d")], windows: [thing("w")] },
    choices: [
      { shotId: "s", lens: 2 },
      { shotId: "t", lens: 7 },
    ],
  };
  expect(takenBack<Record<string, unknown>>(since, start, removed)).toEqual({
    notes: "mind the gate",
    ground: { things: [thing("a", 4), thing("b"), thing("c"), thing("d")], windows: [thing("w")] },
    choices: [
      { shotId: "s", lens: 1 },
      { shotId: "t", lens: 7 },
    ],
  });
  expect(takenBack<Record<string, unknown>>(removed, start, removed)).toEqual(start);
  // The first of its kind that was put in goes, and leaves nothing behind.
  const first = { ...start, windows: [thing("w")] };
  expect(takenBack<Record<string, unknown>>(first, start, first)).toEqual(start);
});
