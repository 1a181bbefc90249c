import { instantOf, type Outing, type ProgrammeEvent } from "@/data";
import { demoOutings } from "../../demo";
import { deliveriesOwed, dueOf } from "./deliveries";

// A Saturday.
const base: Outing = {
  ...demoOutings[0]!,
  date: "2026-10-17",
  lastDate: undefined,
  from: "12:00",
  until: "20:00",
};
const at = (day: string, time: string): number => instantOf(day, time, base.timeZone).at;

test.each([
  ["22:00", "2026-10-17", "22:00"],
  ["by 10 pm", "2026-10-17", "22:00"],
  ["9.30 pm tonight", "2026-10-17", "21:30"],
  ["08:00", "2026-10-18", "08:00"],
  ["tomorrow, 9:00", "2026-10-18", "09:00"],
  ["Monday noon", "2026-10-19", "12:00"],
  ["Sat 18:00", "2026-10-17", "18:00"],
  ["Saturday 9:00", "2026-10-24", "09:00"],
])("“%s” is due on %s at %s", (by, day, time) => {
  expect(dueOf(base, by)).toBe(at(day, time));
});

test.each(["Monday", "soon", "", "after the final", "2 November 22:00", "next week 10:00"])(
  "“%s” names no hour of a day that is known, and none is made up",
  (by) => expect(dueOf(base, by)).toBeUndefined(),
);

const event = (id: string, start: string, minutes: number): ProgrammeEvent => ({
  id,
  name: id,
  at: start,
  minutes,
  calls: [],
  place: null,
  priority: 2,
  setUp: 0,
});
const delivery = (id: string, by: string, eventIds?: string[], done = false) => ({
  id,
  name: id,
  to: "the club",
  by,
  done,
  eventIds,
});
const day: Outing = {
  ...base,
  programme: [event("heats", "13:00", 30), event("jump", "14:00", 90), event("final", "17:00", 10)],
  deliverables: [
    delivery("whenever", "soon"),
    delivery("paper", "20:00", ["final", "heats"]),
    delivery("web", "17:05", ["heats", "final"]),
    delivery("sent", "13:00", undefined, true),
    delivery("sponsor", "16:00", ["jump"]),
  ],
};

test("what is due first stands first, what was delivered not at all, what has no hour last", () => {
  const found = deliveriesOwed({ outing: day, at: at(base.date, "12:30") });
  expect(found.map((d) => d.delivery.id)).toEqual(["sponsor", "web", "paper", "whenever"]);
});

test("it waits for the last of its events, and says when that is over too late", () => {
  const of = (time: string) =>
    new Map(deliveriesOwed({ outing: day, at: at(base.date, time) }).map((d) => [d.delivery.id, d]));
  const early = of("12:30");
  expect(early.get("web")).toMatchObject({ waitsFor: { id: "final" }, late: true });
  expect(early.get("paper")).toMatchObject({ waitsFor: { id: "final" } });
  expect(early.get("paper")!.late).toBeUndefined();
  expect(early.get("sponsor")!.waitsFor!.id).toBe("jump");
  expect(of("15:31").get("sponsor")!.waitsFor).toBeUndefined();
  expect(of("12:30").get("whenever")!.events).toEqual([]);
});
