import { slice } from "./slice";

test("a state of the page belongs to its outing: another outing has its own, and each is the same when asked again", () => {
  const counts = slice<{ count: number; add: () => void }>(() => (set) => ({
    count: 0,
    add: () => set(({ count }) => ({ count: count + 1 })),
  }));
  counts.of("one").getState().add();
  expect([counts.of("one").getState().count, counts.of("other").getState().count]).toEqual([1, 0]);
  expect(counts.of("one")).toBe(counts.of("one"));
});
