import { demoOutings } from "../../../demo";
import type { Coverage } from "@/core/schedule";
import { instantOf, wallTimeOf, type Outing } from "@/data";
import { addEvents } from "../edits";
import { callsOf, changesOfOrder, hadBy, nowAndNext, stepsOf, stopsOf } from "./order";
import { timedProgramme } from "./event-times";
import { eventsFrom } from "../lists/events-from";

const MINUTE = 60_000;
const base = demoOutings[0]!;
const [a, b] = base.ground.positions as [
  (typeof base.ground.positions)[number],
  (typeof base.ground.positions)[number],
];
const drafts = [
  { name: "one", at: "17:10", minutes: 4, calls: [20, 10], line: 1 },
  { name: "two", at: "17:30", minutes: 4, calls: [15, 5], line: 2 },
];
/** An outing without a programme, at which nothing has a place. */
const bare = { ...base, shots: [], programme: [] };
const outing: Outing = addEvents(eventsFrom(drafts, bare))(base);
const at = (time: string): number => instantOf(base.date, time, base.timeZone).at;
const way = { metres: 60, way: [a.at, b.at], over: [] };
const orderOf = (visits: readonly (readonly [string, string, string])[]): Coverage => ({
  visits: visits.map(([eventId, placeId, time]) => ({
    eventId,
    placeId,
    leave: at(time) - 4 * MINUTE,
    arrive: at(time) - 3 * MINUTE,
    ready: at(time) - 2 * MINUTE,
    from: at(time),
    until: at(time) + 4 * MINUTE,
    slack: 0,
    share: 1,
    chance: 1,
    partly: false,
    value: 1,
  })),
  lost: [],
  value: 2,
  valueLost: 0,
  all: 2,
  method: "exact",
  bound: 2,
  prices: [],
  ways: { [a.id]: { [b.id]: way }, [b.id]: { [a.id]: way } },
});
const order = orderOf([
  ["one", a.id, "17:10"],
  ["two", b.id, "17:30"],
]);

test("the order is stops with the way to each; what was deleted meanwhile is none", () => {
  const steps = stepsOf(outing, order, 1.2);
  expect(steps.map((s) => [s.event.name, s.position.id, s.metres, s.walk])).toEqual([
    ["one", a.id, 0, 0],
    ["two", b.id, 60, 50],
  ]);
  const gone = { ...outing, programme: outing.programme!.slice(1) };
  expect(stepsOf(gone, order, 1.2).map((s) => s.event.name)).toEqual(["two"]);
});

test("now is what one is ready for or at, next is what comes after it", () => {
  const steps = stepsOf(outing, order, 1.2);
  const names = (time: string) => {
    const { now, next } = nowAndNext(steps, at(time));
    return [now?.event.name, next?.event.name];
  };
  expect(names("17:00")).toEqual([undefined, "one"]);
  expect(names("17:09")).toEqual(["one", "two"]);
  expect(names("17:20")).toEqual([undefined, "two"]);
  expect(names("17:33")).toEqual(["two", undefined]);
  expect(names("17:34")).toEqual([undefined, undefined]);
});

test("calls and times to leave come in order; who stays does not leave", () => {
  const steps = stepsOf(outing, order, 1.2);
  expect(callsOf(steps).map((c) => [c.eventId, c.number, c.at])).toEqual([
    ["one", 1, at("16:50")],
    ["one", 2, at("17:00")],
    ["two", 1, at("17:15")],
    ["two", 2, at("17:25")],
    ["two", 0, at("17:26")],
  ]);
});

test("what of the order is over is had; when the clock goes back it is so no longer", () => {
  expect(hadBy(order, [], outing, at("17:13"))).toEqual([]);
  expect(hadBy(order, [], outing, at("17:14"))).toEqual(["one"]);
  expect(hadBy(orderOf([["two", b.id, "17:30"]]), ["one"], outing, at("17:40"))).toEqual(["one", "two"]);
  expect(hadBy(order, ["one", "two"], outing, at("17:20"))).toEqual(["one"]);
  expect(hadBy(undefined, [], outing, at("17:40"))).toEqual([]);
});

test("two orders differ by what is new, gone and taken from elsewhere; what is over is no change", () => {
  const later = orderOf([["two", a.id, "17:30"]]);
  expect(changesOfOrder(order, later)).toEqual([{ kind: "elsewhere", eventId: "two", placeId: a.id }]);
  expect(changesOfOrder(later, order)).toEqual([
    { kind: "new", eventId: "one", placeId: a.id },
    { kind: "elsewhere", eventId: "two", placeId: b.id },
  ]);
  const lost: Coverage = { ...later, lost: [{ eventId: "one", value: 1, reason: "worth-less" }] };
  expect(changesOfOrder(order, lost)).toContainEqual({ kind: "gone", eventId: "one" });
});

test("past midnight and over a night in which clocks change, calls are true minutes before their event", () => {
  const night: Outing = {
    ...base,
    date: "2026-10-24",
    from: "21:00",
    until: "04:00",
    starts: "22:00",
    programme: undefined,
  };
  const late = addEvents(
    eventsFrom([{ name: "late", at: "02:30", minutes: 5, calls: [120, 60], line: 1 }], bare),
  )(night);
  const [event] = timedProgramme(late);
  // Clocks go back at 02:00 to 01:00: half past two comes three and a half hours after midnight.
  expect((event!.starts - instantOf("2026-10-25", "00:00", night.timeZone).at) / MINUTE).toBe(210);
  expect(event!.called.map((c) => (event!.starts - c) / MINUTE)).toEqual([120, 60]);
  expect(event!.called.map((c) => wallTimeOf(c, night.timeZone))).toEqual(["01:30", "01:30"]);
  const moved = { ...late, programme: [{ ...late.programme![0]!, late: 45 }] };
  expect(timedProgramme(moved)[0]!.called.map((c, i) => (c - event!.called[i]!) / MINUTE)).toEqual([45, 45]);
});

test("on an outing of several days an event is on the day that it names, else on the first that has its time", () => {
  const days: Outing = {
    ...base,
    date: "2026-10-16",
    lastDate: "2026-10-18",
    from: "09:00",
    until: "18:00",
    starts: "10:00",
  };
  const both = addEvents(
    eventsFrom(
      [
        { name: "first", at: "11:00", minutes: 5, line: 1 },
        { name: "third", at: "11:00", minutes: 5, line: 2 },
      ],
      bare,
    ),
  )(days);
  const named = {
    ...both,
    programme: both.programme!.map((e) => (e.name === "third" ? { ...e, day: 3 } : e)),
  };
  const [one, other] = timedProgramme(named);
  expect((other!.starts - one!.starts) / MINUTE).toBe(2 * 24 * 60);
});

test("stops are numbered where they are, runs of them as one, and no more than five at a position", () => {
  const [one] = stepsOf(outing, order, 1.2);
  const at = (position: typeof a) => ({ ...one!, position });
  const numbers = (...positions: (typeof a)[]) =>
    stopsOf(positions.map(at)).map((s) => [s.position.id, s.numbers]);
  expect(numbers(b, a, a, a, b, a)).toEqual([
    [b.id, "1, 5"],
    [a.id, "2–4, 6"],
  ]);
  const turns = Array.from({ length: 12 }, (_, i) => (i % 2 ? b : a));
  expect(numbers(...turns)[0]![1]).toBe("1, 3, 5, 7, 9 …");
  expect(numbers()).toEqual([]);
});
