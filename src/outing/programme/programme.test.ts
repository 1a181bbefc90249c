import ICAL from "ical.js";
import { demoOutings } from "../../../demo";
import { outingSchema, type Outing, type ProgrammeEvent } from "@/data";
import { addEvents, editEvent, putEvent, removeEvent, shiftEvents } from "../edits";
import type { EventPlace } from "./event-places";
import { timedProgramme } from "./event-times";
import { csvOf, programmeCalendar, programmeCsv, rowsOfCsv } from "./programme-files";
import { readCalendar } from "./read-calendar";
import {
  clockOf,
  dayOf,
  daysOf,
  eventsFrom,
  matchedByHeads,
  minutesOf,
  readLines,
  readTable,
} from "./read-programme";

const outing = demoOutings[0]!;
const ONE = { date: outing.date, count: 1 };
const event = (id: string, at: string, more: Partial<ProgrammeEvent> = {}): ProgrammeEvent => ({
  id,
  name: id,
  at,
  minutes: 4,
  calls: [30, 20, 10],
  place: null,
  priority: 2,
  setUp: 3,
  ...more,
});

test("an event whose place is none of the outing's goes where it is said, if anywhere", () => {
  const places = [{ sort: "track" as const, id: "finish", name: "Finish" }];
  const { events } = readLines("10:00 One @ finish\n10:10 Two @ Car park\n10:20 Three", ONE);
  const placesOfThem = (elsewhere?: EventPlace) =>
    eventsFrom(events, [], places, elsewhere).map((e) => e.place);
  const [finish, lanes] = [
    { sort: "track", id: "finish" },
    { sort: "spot", id: "lanes" },
  ] as const;
  expect(placesOfThem()).toEqual([finish, null, null]);
  expect(placesOfThem(lanes)).toEqual([finish, lanes, lanes]);
});

test("times and lengths are read as people write them", () => {
  expect(["9.05", "09:05", "14h30", "2:30 pm", "12:10 am", "23:59:10"].map(clockOf)).toEqual([
    "09:05",
    "09:05",
    "14:30",
    "14:30",
    "00:10",
    "23:59",
  ]);
  for (const none of ["24:00", "9:75", "noon", "", "100 m"])
    expect([none, clockOf(none)]).toEqual([none, undefined]);
  expect(["5", "5 min", "1 h", "1:30", "2,5 min"].map(minutesOf)).toEqual([5, 5, 60, 90, 2.5]);
  expect(minutesOf("soon")).toBeUndefined();
});

test("a pasted list is read line by line; what cannot be read is refused with its line and why, and nothing else suffers", () => {
  const { events, refused } = readLines(
    [
      "# Saturday",
      "10:40 100 m women, heat 2 (4 min) @ Finish",
      "",
      "heat without a time",
      "25:10 Long jump",
      "11.05",
      "11:30 High jump (final)",
      "12:00 Decathlon (99 h)",
    ].join("\n"),
    ONE,
  );
  expect(events).toEqual([
    { name: "100 m women, heat 2", at: "10:40", minutes: 4, where: "Finish" },
    { name: "High jump (final)", at: "11:30", minutes: 5, where: undefined },
  ]);
  expect(refused.map(({ line, fault }) => [line, fault])).toEqual([
    [4, "no-time"],
    [5, "bad-time"],
    [6, "no-name"],
    [8, "bad-length"],
  ]);
});

test("a table is matched by its heads or by hand, and a row that cannot be read is refused", () => {
  const rows = rowsOfCsv(
    "Start;Race;Length;Place;Riders;Priority\n10:00;Fence 4;3 min;Water;A, B;1\n10:03;Fence 9;;Ditch;;9\nlater;Fence 12;;;;\n",
  );
  expect(rows[0]).toHaveLength(6);
  const matching = matchedByHeads(rows[0]!);
  expect(matching).toEqual({ at: 0, name: 1, minutes: 2, where: 3, who: 4, priority: 5 });
  const { events, refused } = readTable(rows, matching, ONE);
  expect(events).toEqual([
    {
      name: "Fence 4",
      at: "10:00",
      minutes: 3,
      where: "Water",
      who: "A, B",
      group: undefined,
      priority: 1,
      calls: [],
    },
  ]);
  expect(refused.map(({ line, fault }) => [line, fault])).toEqual([
    [3, "bad-priority"],
    [4, "bad-time"],
  ]);
  expect(readTable(rows, { name: 1 }, ONE).refused[0]!.fault).toBe("no-columns");
  // By hand another column may be the name.
  expect(readTable(rows, { at: 0, name: 4 }, ONE).events[0]!.name).toBe("A, B");
});

test("drafts become events with ids of their own, at the spot that bears the name", () => {
  const places = [{ sort: "area" as const, id: "water", name: "Water" }];
  const events = eventsFrom(
    [
      { name: "Heat", at: "10:00", minutes: 4, where: "water" },
      { name: "Heat", at: "10:10", minutes: 4 },
    ],
    [event("heat", "09:00")],
    places,
  );
  expect(new Set(["heat", ...events.map((e) => e.id)]).size).toBe(3);
  expect(events.map((e) => e.place)).toEqual([{ sort: "area", id: "water" }, null]);
  expect(outingSchema.safeParse({ ...outing, programme: events }).success).toBe(true);
});

test("what is written as a table is read again as it was, and the calendar is read back by a second library", () => {
  const programme = [
    event("a", "16:00", { name: "Long jump, “final”", who: "A; B", priority: 1, group: "jump" }),
    event("b", "17:05", { minutes: 12 }),
  ];
  const rows = rowsOfCsv(programmeCsv(programme, () => "Pit"));
  const { events, refused } = readTable(rows, matchedByHeads(rows[0]!), ONE);
  expect(refused).toEqual([]);
  expect(events).toEqual(
    programme.map(({ name, at, minutes, who, group, priority, calls, setUp }) => ({
      name,
      at,
      minutes,
      where: "Pit",
      who,
      group,
      priority,
      calls,
      setUp,
    })),
  );
  expect(
    readTable(
      [
        ["time", "event", "calls"],
        ["10:00", "A", "soon"],
        ["10:05", "B", "10, 30"],
      ],
      { at: 0, name: 1, calls: 2 },
      ONE,
    ),
  ).toMatchObject({ events: [{ name: "B", calls: [30, 10] }], refused: [{ line: 2, fault: "bad-calls" }] });
  const timed = timedProgramme({ ...outing, programme } as Outing).map((e) => ({ ...e, where: "Pit" }));
  const text = programmeCalendar("Meet", timed, Date.UTC(2026, 9, 1));
  const read = new ICAL.Component(ICAL.parse(text) as string[]).getAllSubcomponents("vevent");
  expect(read.map((c) => c.getFirstPropertyValue("summary"))).toEqual(["Long jump, “final”", "b"]);
  // 16:00 by the clocks of London in October is 15:00 UTC; the alarm rings at the second call, twenty minutes before.
  expect(read[0]!.getFirstPropertyValue("dtstart")!.toString()).toBe("2026-10-17T15:00:00Z");
  const alarm = read[0]!.getFirstSubcomponent("valarm")!;
  expect(alarm.getFirstPropertyValue("trigger")!.toString()).toBe("-PT20M");
  const { window } = { window: { from: timed[0]!.starts - 1, until: timed[1]!.starts + 1 } };
  expect(readCalendar(text, { ...window, timeZone: outing.timeZone, days: ONE })).toEqual({
    events: [
      { name: "Long jump, “final”", at: "16:00", minutes: 4, where: "Pit" },
      { name: "b", at: "17:05", minutes: 12, where: "Pit" },
    ],
    refused: [],
  });
  expect(
    readCalendar(text, { from: 0, until: 1, timeZone: outing.timeZone, days: ONE }).refused,
  ).toHaveLength(2);
  expect(
    readCalendar("BEGIN:VCALENDAR\nbroken", { from: 0, until: 1, timeZone: "UTC", days: ONE }).refused,
  ).toHaveLength(1);
});

test("a programme runs in the order in which it begins, past midnight too, and as late as it runs", () => {
  const night: Outing = {
    ...outing,
    from: "20:00",
    until: "02:00",
    lastDate: "2026-10-18",
    programme: [event("late", "00:30"), event("early", "21:00", { late: 15 })],
  };
  const [first, second] = timedProgramme(night);
  expect([first!.id, second!.id]).toEqual(["early", "late"]);
  // 21:15 in London on 17 October is 20:15 UTC, half past midnight 23:30 UTC.
  expect(new Date(first!.starts).toISOString()).toBe("2026-10-17T20:15:00.000Z");
  expect(new Date(second!.starts).toISOString()).toBe("2026-10-17T23:30:00.000Z");
  expect(first!.called).toEqual([30, 20, 10].map((m) => first!.starts - m * 60_000));
});

test("edits put, change, shift and delete events, and leave the others alone", () => {
  const a = event("a", "16:00");
  const b = event("b", "17:00");
  const two = addEvents([a, b])(outing);
  expect(two.programme).toEqual([a, b]);
  expect(putEvent({ ...a, name: "A" })(two).programme![0]!.name).toBe("A");
  expect(putEvent(event("c", "18:00"))(two).programme).toHaveLength(3);
  expect(editEvent("b", { wish: "pinned" })(two).programme![1]!.wish).toBe("pinned");
  const late = shiftEvents(["b"], 10)(shiftEvents(["b"], 5)(two));
  expect(late.programme!.map((e) => e.late)).toEqual([undefined, 15]);
  expect(shiftEvents(["b"], 5000)(two).programme![1]!.late).toBe(1440);
  expect(removeEvent("a")(two).programme).toEqual([b]);
  expect(outingSchema.safeParse(late).success).toBe(true);
});

test("over several days a list says the day by its number or its date, one that is none of them is refused, and it goes out and in again", () => {
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
  expect(daysOf(outing).count).toBe(1);
  expect(
    ["2", "Day 3", " day 1 ", "2026-10-17", "0", "4", "2026-10-19", "soon"].map((t) => dayOf(t, three)),
  ).toEqual([2, 3, 1, 2, undefined, undefined, undefined, undefined]);
  const list = readLines("10:00 One\nDay 2\n10:00 Two\n2026-10-18\n10:00 Three\nDay 9\n11:00 Four", three);
  expect(list.events.map((e) => [e.name, e.day])).toEqual([
    ["One", undefined],
    ["Two", 2],
    ["Three", 3],
    ["Four", undefined],
  ]);
  expect(list.refused).toEqual([{ line: 6, text: "Day 9", fault: "bad-day" }]);
  const programme = [event("a", "10:00", { day: 1, setUp: 12 }), event("b", "09:30", { day: 3 })];
  const rows = rowsOfCsv(programmeCsv(programme, () => ""));
  const back = readTable(rows, matchedByHeads(rows[0]!), three);
  expect(back.refused).toEqual([]);
  expect(back.events.map((e) => [e.day, e.at, e.setUp])).toEqual([
    [1, "10:00", 12],
    [3, "09:30", 3],
  ]);
  const bad = rowsOfCsv("day,time,event,set up\n5,10:00,A,3\n1,10:00,B,an age\n");
  expect(readTable(bad, matchedByHeads(bad[0]!), three).refused.map((r) => r.fault)).toEqual([
    "bad-day",
    "bad-set-up",
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

test("the same list brought in twice doubled the programme: what is in it already does not come again", () => {
  const list = "13:10 100 m heats\n13:40 Long jump";
  const { events } = readLines(list, ONE);
  const first = eventsFrom(events, [], []);
  expect(first).toHaveLength(2);
  expect(eventsFrom(events, first, [])).toEqual([]);
  const later = readLines("13:10 100 m heats\n14:10 100 m heats", ONE).events;
  expect(eventsFrom(later, first, []).map((e) => e.at)).toEqual(["14:10"]);
});

test("twelve hundred lines of one name come in with an id each", () => {
  const draft = { name: "Heat", minutes: 5, calls: [] };
  const drafts = Array.from({ length: 1200 }, (_, i) => ({
    ...draft,
    at: `${String(Math.floor(i / 60)).padStart(2, "0")}:${String(i % 60).padStart(2, "0")}`,
  }));
  const events = eventsFrom(drafts, [], []);
  expect(new Set(events.map((e) => e.id)).size).toBe(1200);
});

test("no cell of a table starts a formula in a spreadsheet, and each comes back as it was", () => {
  const cells = [
    "=1+1",
    "@SUM(A1)",
    "+cmd|' /C calc'!A0",
    "-2+3",
    "\t=1",
    "-3",
    "+0:07",
    "4.5",
    "'quoted'",
    "O'Neil",
  ];
  const text = csvOf([["who"], ...cells.map((cell) => [cell])]);
  for (const line of text.split("\r\n").slice(1)) expect(line).not.toMatch(/^"?[=@\t]|^"?[+-](?!\d)/);
  expect(rowsOfCsv(text).slice(1)).toEqual(cells.map((cell) => [cell]));
});
