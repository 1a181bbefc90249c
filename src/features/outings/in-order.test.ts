import { demoOutings } from "../../../demo";
import { inOrder } from "./in-order";

const at = (text: string): number => Date.parse(text);
const ids = (outings: readonly { id: string }[]): string[] => outings.map((s) => s.id);

test("the next outing is the first that is not over; one that is on is the next still", () => {
  const during = inOrder(demoOutings, at("2026-10-17T18:30:00+01:00"));
  expect(during.next?.id).toBe("hockey-semi-final");
  const after = inOrder(demoOutings, at("2026-10-17T19:30:00+01:00"));
  expect(after.next?.id).toBe("handball-league-evening");
  expect(ids(after.past)).toEqual(["hockey-semi-final"]);
  expect(ids(after.later)).toEqual(["cross-country-day", "lagoon-at-first-light", "diamond-afternoon"]);
});

test("what was put away is neither next nor past, and past outings go from the latest back", () => {
  const outings = demoOutings.map((s, i) => ({ ...s, archived: i === 1 }));
  const found = inOrder(outings, at("2030-01-01T00:00:00Z"));
  expect(found.next).toBeUndefined();
  expect(ids(found.past)).toEqual([
    "diamond-afternoon",
    "lagoon-at-first-light",
    "cross-country-day",
    "hockey-semi-final",
  ]);
  expect(ids(found.away)).toEqual(["handball-league-evening"]);
});
