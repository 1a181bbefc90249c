import type { Danger } from "../src/core/guard";

/** What the guard is told of the dangers of a subject in this test: all of them but one kind, or none. Import it before what it changes. */
export const told: { without?: Danger["kind"]; none: boolean } = { none: false };

jest.mock("../src/outing/dangers-for", () => {
  const actual = jest.requireActual<typeof import("../src/outing/dangers-for")>("../src/outing/dangers-for");
  return {
    dangersFor: (subject: Parameters<typeof actual.dangersFor>[0]) =>
      told.none ? [] : actual.dangersFor(subject).filter(({ kind }) => kind !== told.without),
  };
});

afterEach(() => {
  delete told.without;
  told.none = false;
});
