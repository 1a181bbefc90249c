import ICAL from "ical.js";
import { demoOutings } from "../../../demo";
import { outingSchema, type Outing, type ProgrammeEvent } from "@/data";
import { addEvents, editEvent, putEvent, removeEvent, shiftEvents } from "../edits";
import { timedProgramme } from "./event-times";
import { csvOf, programmeCalendar, programmeCsv, rowsOfCsv } from "./programme-files";
import { readCalendar } from "../lists/read-calendar";
import { readList } from "../lists/read-list";
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

test("what is written as a table is read again as it was, and the calendar is read back by a second library", () => {
  const programme = [
    event("a", "16:00", { name: "Long jump, “final”", who: "A; B", priority: 1, group: "jump" }),
    event("b", "17:05", { minutes: 12 }),
  ];
  const { events, refused } = readList(
    programmeCsv(programme, () => "Pit"),
    ONE,
  );
  expect(refused).toEqual([]);
  expect(events).toEqual(
    programme.map(({ name, at, minutes, who, group, priority, calls, setUp }, i) => ({
      name,
      at,
      minutes,
      where: "Pit",
      ...(who && { who }),
      ...(group && { group }),
      priority,
      calls,
      setUp,
      line: i + 2,
    })),
  );
  expect(readList("time;event;calls\n10:00;A;soon\n10:05;B;10, 30\n10:10;C;", ONE)).toMatchObject({
    events: [{ name: "B", calls: [30, 10] }, { name: "C" }],
    refused: [{ line: 2, fault: "bad-calls" }],
  });
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
      { name: "Long jump, “final”", at: "16:00", minutes: 4, where: "Pit", line: 1 },
      { name: "b", at: "17:05", minutes: 12, where: "Pit", line: 2 },
    ],
    refused: [],
    passed: [],
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
