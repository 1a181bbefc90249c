// What the guard is told has to be said before the rest is loaded.
import { told } from "../../test/dangers-told";
import { mayBeProposed, mayStand } from "../../src/core/guard";
import { guardedOf } from "../../src/core/judge";
import { dangersFor } from "../../src/outing/dangers-for";
import { fromNothing } from "../../test/outings";
import { begin, OWN, placeOf, searched, type Begun } from "./begin";
import { dangerByHand } from "./by-hand";

/** What of some beginnings is not good, with why. */
const bad = (begins: readonly Begun[]) =>
  begins
    .map((b) => begin(b))
    .flatMap((r) => (r.class === "good" ? [] : [`${r.subjectId} ${r.time}: ${r.class}, ${r.why}`]));

test("each subject of the library begins at home at noon in no dangerous, impossible or silly place", () => {
  expect(OWN.length).toBeGreaterThan(150);
  expect(bad(OWN)).toEqual([]);
});

const RISKY =
  "discus-thrower hammer-thrower javelin-thrower shot-putter hockey-drag-flicker ice-hockey-skater baseball-pitcher long-jumper galloping-horse cross-country-horse rally-car racing-car motocross-rider bear-walking wolf-trotting wild-boar deer-running seal eagle-gliding heron-standing golf-swing";
const risky = OWN.filter(({ subjectId }) => RISKY.split(" ").includes(subjectId));

test("the dangerous ones do so late and after dark too, on both halves of the earth", () => {
  const begins = risky.flatMap((b) =>
    (["late", "dark"] as const).flatMap((time) => [52, -34].map((latitude) => ({ ...b, time, latitude }))),
  );
  expect(bad(begins)).toEqual([]);
});

// On a wider grid, whose list is polished all the same: at their own step `npm run beginnings` searches all of them.
test("nor is a dangerous place listed by the search, which finds some place for them", () => {
  const quick = risky.filter(({ subjectId }) =>
    ["discus-thrower", "long-jumper", "galloping-horse", "bear-walking", "seal", "javelin-thrower"].includes(
      subjectId,
    ),
  );
  expect(quick.map((b) => searched(b, 3)).filter((r) => r.class !== "good")).toEqual([]);
});

/** Places every `step` metres about the spot of each risky subject that are dangerous by hand, and which of them would be proposed. */
function proposedByHand(step: number): { readonly dangerous: number; readonly proposed: string[] } {
  let dangerous = 0;
  const proposed: string[] = [];
  for (const { subjectId, venueId } of risky) {
    const { ground, subjects, shots } = fromNothing(subjectId);
    const spot = ground.spots[0]!;
    const guarded = guardedOf({
      shot: shots[0]!,
      subject: subjects[0]!,
      dangers: dangersFor(subjects[0]!),
      scene: { ground },
    });
    for (let x = -100; x <= 100; x += step)
      for (let y = -100; y <= 100; y += step) {
        const at = { x: spot.at.x + x, y: spot.at.y + y };
        const why = dangerByHand(subjectId, venueId, placeOf(ground, spot, at));
        if (!why) continue;
        dangerous++;
        const may = mayStand(ground, guarded, { at, lensHeight: 1.2 });
        if (mayBeProposed(may)) proposed.push(`${subjectId} at ${x}, ${y}: ${why}`);
      }
  }
  return { dangerous, proposed };
}

test("no place that is dangerous by hand is proposed by the guard, wherever about the spot it lies", () => {
  const { dangerous, proposed } = proposedByHand(2.5);
  expect(dangerous).toBeGreaterThan(10_000);
  expect(proposed).toEqual([]);
});

test.each(["throw", "hard-ball", "landing", "passing", "animal"] as const)(
  "with the rule of %s taken out of the guard some are",
  (kind) => {
    told.without = kind;
    // What is landed in is narrow.
    expect(proposedByHand(kind === "landing" ? 2.5 : 5).proposed.length).toBeGreaterThan(0);
  },
);

test("and with no guard at all, to many such places", () => {
  told.none = true;
  expect(OWN.map((b) => begin(b)).filter((r) => r.class === "dangerous").length).toBeGreaterThan(15);
});
