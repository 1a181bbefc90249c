import { demoOutings } from "../../../demo";
import { eventKindOf } from "@/core/catalogue";
import { outingSchema, type Outing, type ProgrammeEvent } from "@/data";
import { timedProgramme } from "../programme/event-times";
import { programmeCalendar, programmeCsv } from "../programme/programme-files";
import { callsFor, callsTold } from "./calls";
import { clocksIn, clockOf, minutesOf } from "./clock";
import { daysMeant, daysOf, isDay } from "./day-of";
import { entryOf } from "./entry";
import { eventsFrom, placeNamed } from "./events-from";
import { readCalendar } from "./read-calendar";
import { readList, shapeOf } from "./read-list";

const outing = demoOutings[0]!;
const ONE = { date: outing.date, count: 1 };
/** A ground with nothing but what is named: a finish, two pits, and a shot of a high jumper at the fan. */
const bare = (more: Partial<Outing["ground"]> = {}): Outing => ({
  ...outing,
  shots: [],
  programme: [],
  ground: { ...outing.ground, spots: [], tracks: [], areas: [], ...more },
});
const track = (id: string, name: string): Outing["ground"]["tracks"][number] => ({
  id,
  name,
  points: [
    { x: 0, y: 0 },
    { x: 10, y: 0 },
  ],
});
const timesOf = (text: string, days = ONE) => readList(text, days).events.map((e) => [e.at, e.name]);
const faultsOf = (text: string, days = ONE) => readList(text, days).refused.map((r) => [r.line, r.fault]);

test("times and lengths are read as people write them", () => {
  const written = ["9.05", "09:05", "14h30", "2:30 pm", "12:10 am", "23:59:10", "noon", "9 a.m.", "12 noon"];
  expect(written.map((t) => clockOf(t)?.at)).toEqual([
    "09:05",
    "09:05",
    "14:30",
    "14:30",
    "00:10",
    "23:59",
    "12:00",
    "09:00",
    "12:00",
  ]);
  for (const none of ["24:00", "9:75", "", "100 m", "1.50 m", "1:02.40", "13 pm", "5.25 kg", "12-14"])
    expect([none, clockOf(none)]).toEqual([none, undefined]);
  expect(clocksIn("14:00-15:30 Discus")).toMatchObject([{ at: "14:00", until: "15:30" }]);
  expect(clocksIn("1.30 - 2.45 pm")).toMatchObject([{ at: "13:30", until: "14:45", certain: true }]);
  expect(["5", "5 min", "1 h", "1:30", "2,5 min", "2x12 min"].map(minutesOf)).toEqual([
    5, 5, 60, 90, 2.5, 24,
  ]);
  expect(minutesOf("soon")).toBeUndefined();
});

test("days are those of the outing, in any of the ways in which a date is written; a time is none", () => {
  const three = { date: "2026-10-16", count: 3 };
  const meant = (text: string): number[] => daysMeant(text, three);
  expect(
    ["2", "Day 3", " day 1 ", "2026-10-17", "17.10.2026", "10/18/2026", "Sat 17 Oct"].map(meant),
  ).toEqual([[2], [3], [1], [2], [2], [3], [2]]);
  expect(["October 17", "Saturday", "Sunday 18th October 2026", "17th October"].map(meant)).toEqual([
    [2],
    [2],
    [3],
    [2],
  ]);
  // A weekday that is not that date's is no day at all.
  expect(["0", "4", "2026-10-19", "soon", "Sunday 17 October"].map(meant)).toEqual([[], [], [], [], []]);
  expect(daysMeant("Saturday", { date: "2026-10-16", count: 14 })).toEqual([2, 9]);
  expect(daysOf(outing).count).toBe(1);
  expect(["Saturday", "Day 2", "29.05.", "Sat 29/5", "29/05/2027", "May 29"].map(isDay)).toEqual(
    Array.from({ length: 6 }, () => true),
  );
  expect(["13.10", "9.30", "10/11", "2", "Track", "Maypole 12"].map(isDay)).toEqual(
    Array.from({ length: 6 }, () => false),
  );
});

test("what cannot be read is refused with its line and why, and nothing else suffers", () => {
  const text = [
    "# Saturday",
    "10:40 100 m women, heat 2 (4 min) @ Finish",
    "",
    "heat without a time",
    "25:10 Long jump",
    "11.05",
    "11:30 High jump (final)",
    "12:00 Decathlon (99 h)",
    "13:00 Relay, or 13:20 if wet",
  ].join("\n");
  expect(readList(text, ONE).events).toEqual([
    { name: "100 m women, heat 2", at: "10:40", minutes: 4, where: "Finish", line: 2 },
    { name: "High jump (final)", at: "11:30", line: 7 },
  ]);
  expect(faultsOf(text)).toEqual([
    [4, "no-time"],
    [5, "bad-time"],
    [6, "no-name"],
    [8, "bad-length"],
    [9, "several-times"],
  ]);
});

test("a table without a column for priority, or for anything but a time and a name, is read", () => {
  const { events, refused } = readList("Time;Event\n10:00;100 m\n10:10;Long jump\n", ONE);
  expect(refused).toEqual([]);
  expect(events).toEqual([
    { name: "100 m", at: "10:00", line: 2 },
    { name: "Long jump", at: "10:10", line: 3 },
  ]);
  const [first] = eventsFrom(events, bare());
  expect(first).toMatchObject({ priority: 2, calls: [], setUp: 3, minutes: 5 });
  expect(outingSchema.safeParse({ ...outing, programme: eventsFrom(events, bare()) }).success).toBe(true);
});

test("what a column holds is corrected by a press, and rows are read by it", () => {
  const text = "A;B;C\n10:00;Ida Roth;Final\n10:05;Mia Falk;Heat\n";
  const shape = shapeOf(text);
  if (shape.kind !== "table") throw new Error("no table");
  const read = (roles: typeof shape.roles) => readList(text, ONE, { ...shape, roles }).events;
  expect(read(["at", "person", "name"])).toMatchObject([
    { name: "Final", who: "Ida Roth" },
    { name: "Heat", who: "Mia Falk" },
  ]);
  expect(read(["at", "name", "skip"]).map((e) => e.name)).toEqual(["Ida Roth", "Mia Falk"]);
  expect(readList(text, ONE, { ...shape, roles: ["skip", "name", "more"] }).refused).toMatchObject([
    { line: 1, fault: "no-columns" },
  ]);
});

test("a cell in quotes over two lines is one cell, and the lines behind it keep their numbers", () => {
  const { events } = readList('Time;Event;Who\n10:00;Relay;"Ida\nMia"\n10:10;Final;Eva\n', ONE);
  expect(events.map((e) => [e.line, e.name, e.who])).toEqual([
    [2, "Relay", "Ida\nMia"],
    [4, "Final", "Eva"],
  ]);
});

test("hours of a dial of twelve are read as the afternoon where they follow the forenoon, and say so", () => {
  const { events } = readList("11:30 One\n12:40 Two\n1:15 Three\n2:00 Four", ONE);
  expect(events.map((e) => [e.at, e.doubts])).toEqual([
    ["11:30", undefined],
    ["12:40", undefined],
    ["13:15", ["afternoon"]],
    ["14:00", ["afternoon"]],
  ]);
  // Where one hour says its half of the day, or is past twelve, the list is believed as it stands.
  expect(timesOf("11:30 One\n1:15 Two\n15:00 Three")[1]).toEqual(["01:15", "Two"]);
});

test("a time amid a sentence is read with a mark, one at either end without", () => {
  const [amid, start, end] = readList(
    "Lunch from 12:30 in the hut\n13:00 Final\nPrizes at 14:00",
    ONE,
  ).events;
  expect([amid!.doubts, start!.doubts, end!.doubts]).toEqual([["amid"], undefined, undefined]);
});

test("who is in a lane is read with age, club, cap and mark, and an empty lane is nobody", () => {
  expect(
    [
      "4 Ida Roth (Alder)",
      "  4  Ida Roth   Alder Vale   red",
      "4. Ida Roth 12 Alder Vale 1:02.40",
      "4 Ida Roth - Copper Kettle",
      "Lane 4   Ida Roth",
    ].map(entryOf),
  ).toEqual([
    "4 Ida Roth (Alder)",
    "4 Ida Roth (Alder Vale, red cap)",
    "4 Ida Roth (Alder Vale)",
    "4 Ida Roth, Copper Kettle",
    "4 Ida Roth",
  ]);
  expect(["3 empty", "3  ---", "  vacant"].map(entryOf)).toEqual([undefined, undefined, undefined]);
});

test("an event whose place is none of the outing's goes where its kind is met, else where it is said, if anywhere", () => {
  const there = bare({
    tracks: [track("finish", "Finish line"), track("pit-a", "Pit A"), track("pit-b", "Pit B")],
  });
  expect(["finish", "Pit A", "pit", "Car park", ""].map((w) => placeNamed(there.ground, w)?.id)).toEqual([
    "finish",
    "pit-a",
    // Two bear the word: neither is meant.
    undefined,
    undefined,
    undefined,
  ]);
  const { events } = readList("10:00 Javelin @ Finish\n10:10 Long jump @ Car park\n10:20 Chess", ONE);
  const placed = (more?: Parameters<typeof eventsFrom>[2]) =>
    eventsFrom(events, there, more).map((e) => e.place?.id);
  expect(placed()).toEqual(["finish", "pit-a", undefined]);
  expect(placed({ elsewhere: { sort: "track", id: "pit-b" } })).toEqual(["finish", "pit-a", "pit-b"]);
});

test("one field gives the calls of a whole meeting; what tells its own, and a break, keeps to itself", () => {
  const { events } = readList("time;event;calls\n10:00;100 m;40\n10:10;200 m;\n10:20;Lunch;", ONE);
  const read = eventsFrom(events, bare(), { calls: callsTold("30 and 15") });
  expect(read.map((e) => [e.name, e.calls, e.wish])).toEqual([
    ["100 m", [40], undefined],
    ["200 m", [30, 15], undefined],
    ["Lunch", [], "excluded"],
  ]);
});

test("calls differ by kind of event where they are told so, and what cannot be read of them is refused whole", () => {
  const told = callsTold("30 and 15; field 60, 45; pole vault 90")!;
  const of = (name: string) => callsFor(told, eventKindOf(name));
  expect(["100 m", "Discus", "Pole vault", "Chess", "Lunch"].map(of)).toEqual([
    [30, 15],
    [60, 45],
    [90],
    [30, 15],
    [],
  ]);
  expect(callsFor(callsTold("races: 20; throws: 40/25")!, eventKindOf("Javelin"))).toEqual([40, 25]);
  expect(callsTold("")).toEqual({ all: [], kinds: [] });
  for (const wrong of ["30 and then", "chess 20", "field", "1 2 3 4", "30; pole vault soon"])
    expect([wrong, callsTold(wrong)]).toEqual([wrong, undefined]);
});

test("attempts that a list counts say how long a contest lasts, by those who are in it, and stay with the event", () => {
  const { events } = readList(
    "time;event;attempts;who\n10:00;Long jump;4;Ida Roth\n10:00;Discus;3+3;\n10:00;100 m;2;\n11:00;Javelin, 3 throws;;",
    ONE,
  );
  const read = eventsFrom(events, bare());
  expect(read.map((e) => [e.name, e.rounds, e.minutes])).toEqual([
    ["Long jump", 4, 4],
    ["Discus", 6, 60],
    ["100 m", undefined, 5],
    ["Javelin, 3 throws", 3, 30],
  ]);
});

test("over several days a list says the day, one that is none of them is refused with what stands under it, and it goes out and in again", () => {
  const days: Outing = {
    ...outing,
    date: "2026-10-16",
    lastDate: "2026-10-18",
    from: "09:00",
    until: "18:00",
    starts: "10:00",
  };
  const three = daysOf(days);
  expect(three).toEqual({ date: "2026-10-16", count: 3 });
  const list = readList("10:00 One\nDay 2\n10:00 Two\n2026-10-18\n10:00 Three\nDay 9\n11:00 Four", three);
  expect(list.events.map((e) => [e.name, e.day])).toEqual([
    ["One", undefined],
    ["Two", 2],
    ["Three", 3],
  ]);
  expect(list.refused.map((r) => [r.line, r.fault])).toEqual([
    [6, "bad-day"],
    [7, "bad-day"],
  ]);
  const event = (id: string, at: string, more: Partial<ProgrammeEvent>): ProgrammeEvent => ({
    id,
    name: id,
    at,
    minutes: 4,
    calls: [30],
    place: null,
    priority: 2,
    setUp: 3,
    ...more,
  });
  const programme = [event("a", "10:00", { day: 1, setUp: 12 }), event("b", "09:30", { day: 3 })];
  const back = readList(
    programmeCsv(programme, () => ""),
    three,
  );
  expect(back.refused).toEqual([]);
  expect(back.events.map((e) => [e.day, e.at, e.setUp])).toEqual([
    [1, "10:00", 12],
    [3, "09:30", 3],
  ]);
  expect(faultsOf("day,time,event,set up\n5,10:00,A,3\n1,10:00,B,an age\n", three)).toEqual([
    [2, "bad-day"],
    [3, "bad-set-up"],
  ]);
  const timed = timedProgramme({ ...days, programme });
  const text = programmeCalendar(
    "Meet",
    timed.map((e) => ({ ...e, where: "" })),
    Date.UTC(2026, 9, 1),
  );
  const window = { from: timed[0]!.starts - 1, until: timed[1]!.starts + 1 };
  const read = readCalendar(text, { ...window, timeZone: days.timeZone, days: three });
  expect(read.events.map((e) => [e.day, e.at])).toEqual([
    [1, "10:00"],
    [3, "09:30"],
  ]);
});

test("the same list brought in twice doubled the programme: what is in it already does not come again, the same at another pitch does", () => {
  const { events } = readList("13:10 100 m heats\n13:40 Chess", ONE);
  const first = eventsFrom(events, bare());
  expect(first).toHaveLength(2);
  const so = { ...bare(), programme: first };
  expect(eventsFrom(events, so)).toEqual([]);
  expect(
    eventsFrom(readList("13:10 100 m heats\n14:10 100 m heats", ONE).events, so).map((e) => e.at),
  ).toEqual(["14:10"]);
  const pitches = bare({ tracks: [track("one", "Pitch 1"), track("two", "Pitch 2")] });
  const semis = readList("\tPitch 1\tPitch 2\n11:00\tSemi-final\tSemi-final\n12:00\tFinal\tThird place", ONE);
  expect(eventsFrom(semis.events, pitches).map((e) => [e.name, e.place?.id])).toEqual([
    ["Semi-final", "one"],
    ["Semi-final", "two"],
    ["Final", "one"],
    ["Third place", "two"],
  ]);
});

test("twelve hundred lines of one name come in with an id each", () => {
  const drafts = Array.from({ length: 1200 }, (_, i) => ({
    name: "Heat",
    line: i + 1,
    at: `${String(Math.floor(i / 60)).padStart(2, "0")}:${String(i % 60).padStart(2, "0")}`,
  }));
  expect(new Set(eventsFrom(drafts, bare()).map((e) => e.id)).size).toBe(1200);
});
