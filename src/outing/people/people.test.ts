import { readFileSync } from "node:fs";
import { demoOutings } from "../../../demo";
import { outingSchema, type Outing, type Person } from "@/data";
import { addEvents, addPeople, putPerson, removePerson } from "../edits";
import { eventsFrom } from "../lists/events-from";
import { readList, shapeOf } from "../lists/read-list";
import { isLaterRound, roundOf } from "../programme/rounds";
import { appearances, nextOf } from "./appearances";
import { foundIn } from "./found-in";
import { knownElsewhere } from "./known-elsewhere";
import { namedInLists, peopleFrom } from "./named-in-lists";

const ONE = { date: "2026-11-14", count: 1 };
const GALA = readFileSync("public/lists/pool-gala.txt", "utf8");
const person = (name: string, more: Partial<Person> = {}): Person => ({
  id: name.toLowerCase().replace(/[^a-z]+/g, "-"),
  name,
  consent: "not-asked",
  ...more,
});
const morning: Outing = {
  ...demoOutings[1]!,
  date: "2026-11-14",
  from: "09:00",
  until: "13:30",
  starts: "10:00",
};
/** An outing at which nothing has a place. */
const BARE = { ...morning, shots: [], programme: [] };
const gala = (): Outing => addEvents(eventsFrom(readList(GALA, ONE).events, BARE))(morning);

test("names are found whole, either way round, with accents and case aside; the lane stands before them", () => {
  const list = "1 Jon Bark; 4 Ída Roth (Alder); lane 5: ROTH, Anna; #12";
  expect(foundIn({ name: "Ida Roth" }, list)).toEqual({ by: "name", lane: "4" });
  expect(foundIn({ name: "Anna Roth" }, list)).toEqual({ by: "name", lane: "5" });
  expect(foundIn({ name: "Jon Bark" }, list)).toEqual({ by: "name", lane: "1" });
  // A part of a word is nobody's name, and a lane is nobody's number.
  for (const name of ["Ann Roth", "Jo Bark", "Roth Jon"])
    expect([name, foundIn({ name }, list)]).toEqual([name, undefined]);
  // Two neighbours of a list make no third.
  expect(foundIn({ name: "Ida Bark" }, "Anna Bark; Ida Roth")).toBeUndefined();
  expect(foundIn({ name: "Nobody", number: "12" }, list)).toEqual({ by: "number" });
  expect(foundIn({ name: "Nobody", number: "4" }, list)).toBeUndefined();
});

test("an event's name says its round", () => {
  expect(roundOf("50 m free girls, heat 2")).toEqual({
    discipline: "50 m free girls",
    round: "heat",
    number: 2,
  });
  expect(roundOf("100 m heats")).toEqual({ discipline: "100 m", round: "heat" });
  expect(roundOf("Semi-final 1 of 2 - 200 m")).toMatchObject({ round: "semi-final", number: 1 });
  expect(roundOf("High jump")).toEqual({ discipline: "High jump" });
  expect(roundOf("Final")).toEqual({ discipline: "Final" });
  expect(isLaterRound("100 m final", "100 m, heat 2")).toBe(true);
  expect(isLaterRound("100 m, heat 2", "100 m final")).toBe(false);
  expect(isLaterRound("200 m final", "100 m, heat 2")).toBe(false);
  expect(isLaterRound("High jump", "High jump")).toBe(false);
});

test("lanes under a heat belong to it, and a line without a time that names nobody is still refused", () => {
  const { events, refused } = readList(
    "10:00 Heat 1\n  3 Ida Roth\n4 Mia Falk (Alder)\nno time at all\n10:04 Heat 2\n12.30 Final",
    ONE,
  );
  expect(events.map((e) => [e.at, e.name, e.who])).toEqual([
    ["10:00", "Heat 1", "3 Ida Roth; 4 Mia Falk (Alder)"],
    ["10:04", "Heat 2", undefined],
    ["12:30", "Final", undefined],
  ]);
  expect(refused).toEqual([{ line: 4, text: "no time at all", fault: "no-time" }]);
});

test("a list whose lines begin with times is no table, whatever commas stand in it", () => {
  const table = readFileSync("public/lists/course-day.csv", "utf8");
  expect(
    [GALA, "10:00 Heat 1, girls", table, "time;event\n10:00;Heat"].map((text) => shapeOf(text).kind),
  ).toEqual(["lines", "lines", "table", "table"]);
});

test("the shipped gala names its swimmers, and every one of them can be found where the list has them", () => {
  const outing = gala();
  const named = namedInLists(outing);
  expect(named.length).toBeGreaterThan(30);
  const withAll = addPeople(peopleFrom(named.slice(0, 36), []))(outing);
  expect(outingSchema.safeParse(withAll).error).toBeUndefined();
  const all = appearances(withAll);
  for (const { id, name } of withAll.people!) {
    const own = all.filter((a) => a.person.id === id);
    const lines = withAll.programme!.filter((e) => e.who?.includes(name));
    expect([name, own.map((a) => a.event.id).toSorted()]).toEqual([name, lines.map((e) => e.id).toSorted()]);
    expect(own.every((a) => a.lane !== undefined && Number(a.lane) >= 1 && Number(a.lane) <= 6)).toBe(true);
  }
  expect(namedInLists(withAll).map((n) => n.name)).not.toContain(named[0]!.name);
});

test("the next appearance is the one that is on or to come; a final without names is a later one, if they get that far", () => {
  const list =
    "10:00 50 m free, heat 1 (2 min)\n 4 Ida Roth\n10:30 200 m free, heat 1 (4 min)\n 2 Ida Roth\n12:00 50 m free final (2 min)";
  const outing = putPerson(person("Ida Roth"))(
    addEvents(eventsFrom(readList(list, ONE).events, BARE))(morning),
  );
  const all = appearances(outing);
  const told = all.map((a) => [a.event.at, a.lane, a.by]);
  expect(told).toEqual([
    ["10:00", "4", "name"],
    ["10:30", "2", "name"],
    ["12:00", undefined, "earlier-round"],
  ]);
  const [first, second] = all;
  expect(nextOf(all, "ida-roth", first!.event.starts + 60_000)).toBe(first);
  expect(nextOf(all, "ida-roth", first!.event.ends)).toBe(second);
  expect(nextOf(all, "ida-roth", all[2]!.event.ends)).toBeUndefined();
  // A list that names the finalists without them says that they are not in it.
  const named = {
    ...outing,
    programme: outing.programme!.map((e) => (e.at === "12:00" ? { ...e, who: "4 Mia Falk" } : e)),
  };
  expect(appearances(named)).toHaveLength(2);
});

test("an event that is put in by hand counts, and people are added, changed and deleted without touching the rest", () => {
  const outing = gala();
  const event = outing.programme![3]!;
  const by = putPerson(person("Nobody Listed", { eventIds: [event.id], lane: "7" }))(outing);
  expect(appearances(by)).toMatchObject([{ by: "hand", lane: "7", event: { id: event.id } }]);
  const changed = putPerson({ ...by.people![0]!, colour: "yellow cap" })(by);
  expect(changed.people).toMatchObject([{ colour: "yellow cap" }]);
  expect(removePerson("nobody-listed")(changed)).toEqual({ ...outing, people: [] });
});

test("people of other outings come with what is true of them on any day, as the latest has them, each once", () => {
  const of = (id: string, date: string, ...people: Person[]) => ({ id, date, people });
  const ida = person("Ida Roth", {
    breathes: "left",
    number: "7",
    lane: "4",
    consent: "given",
    eventIds: ["e"],
  });
  const known = knownElsewhere(of("here", "2026-12-01", person("Mia Falk")), [
    of("late", "2026-11-20", { ...ida, breathes: "right", club: "Alder" }),
    of("early", "2026-10-01", ida, person("Falk, Mia"), person("Jon Bark")),
    of("here", "2026-12-01", person("Nobody Else")),
  ]);
  expect(known).toEqual([{ name: "Ida Roth", breathes: "right", club: "Alder" }, { name: "Jon Bark" }]);
  expect(peopleFrom(known, [])[0]).toEqual({
    id: "ida-roth",
    name: "Ida Roth",
    breathes: "right",
    club: "Alder",
    consent: "not-asked",
  });
  expect(knownElsewhere(of("here", "2026-12-01"), [])).toEqual([]);
});
