import { demoOutings } from "../../../demo";
import { timedProgramme } from "./event-times";
import { momentsOf, momentsWithin, nextMoment } from "./moments";

const MINUTE = 60_000;
const timed = (name: string, minutes: number, rounds?: number) =>
  timedProgramme({
    ...demoOutings[0]!,
    programme: [
      {
        id: "a",
        name,
        at: demoOutings[0]!.starts,
        minutes,
        calls: [],
        place: null,
        priority: 2,
        setUp: 0,
        ...(rounds && { rounds }),
      },
    ],
  })[0]!;

test("what is worth waiting for has its time by the kind, and rounds that are counted say it themselves", () => {
  const jump = timed("Long jump", 60);
  const minutesOf = (of: typeof jump) =>
    momentsOf(of).map((m) => [(m.from - of.starts) / MINUTE, (m.until - of.starts) / MINUTE]);
  expect(minutesOf(jump)).toEqual([
    [0, 30],
    [51, 60],
  ]);
  const counted = timed("Long jump", 60, 4);
  expect(momentsOf(counted).map((m) => m.name)).toEqual(["Rounds 1 to 3", "The last of 4 rounds"]);
  expect(minutesOf(counted)).toEqual([
    [0, 45],
    [45, 60],
  ]);
  expect(momentsOf(timed("Chess", 60))).toEqual([]);
});

test("the next moment is the one that is on, then the next, then none; a stay has those that lie within it", () => {
  const jump = timed("Long jump", 60);
  const at = (minutes: number) => jump.starts + minutes * MINUTE;
  const [first, last] = momentsOf(jump);
  expect([nextMoment(jump, at(-5)), nextMoment(jump, at(10)), nextMoment(jump, at(40))]).toEqual([
    first,
    first,
    last,
  ]);
  expect(nextMoment(jump, at(60))).toBeUndefined();
  // Of a race of five minutes nobody waits for a part.
  const race = timed("100 m", 5);
  expect([momentsOf(race).length, nextMoment(race, race.starts)]).toEqual([2, undefined]);
  expect(momentsWithin(jump, at(0), at(35))).toEqual([first]);
  expect(momentsWithin(jump, at(10), at(35))).toEqual([]);
  expect(momentsWithin(jump, at(0), at(60))).toEqual([first, last]);
});
