import fc from "fast-check";
import { instantOf } from "@/data";
import { readCalendar, type CalendarWindow } from "./read-calendar";

const ZONE = "Pacific/Auckland";
const windowOf = (date: string, count = 1, timeZone = ZONE): CalendarWindow => ({
  timeZone,
  from: instantOf(date, "00:00", timeZone).at,
  until: instantOf(date, "23:59", timeZone).at + (count - 1) * 86_400_000,
  days: { date, count },
});
const calendarOf = (...lines: readonly string[]): string =>
  ["BEGIN:VCALENDAR", "VERSION:2.0", ...lines, "END:VCALENDAR"].join("\r\n");
const entry = (...lines: readonly string[]): string[] => ["BEGIN:VEVENT", ...lines, "END:VEVENT"];
const times = (text: string, window = windowOf("2027-03-06")) =>
  readCalendar(text, window).events.map((e) => `${e.day ?? 1} ${e.at} ${e.name} ${e.minutes}`);

test("a time without a zone was read in that of the device: it is by the clocks of the outing", () => {
  const text = calendarOf(...entry("SUMMARY:Heats", "DTSTART:20270306T140000", "DTEND:20270306T150000"));
  expect(times(text)).toEqual(["1 14:00 Heats 60"]);
});

test("a time of another zone is that instant, by a known name or by the rules that the file gives", () => {
  const london = entry("SUMMARY:A", "DTSTART;TZID=Europe/London:20270306T010000", "DURATION:PT10M");
  expect(times(calendarOf(...london))).toEqual(["1 14:00 A 10"]);
  const own = ["BEGIN:VTIMEZONE", "TZID:Club", "BEGIN:STANDARD", "DTSTART:19700101T000000"];
  const rules = [...own, "TZOFFSETFROM:+0200", "TZOFFSETTO:+0200", "END:STANDARD", "END:VTIMEZONE"];
  const club = entry("SUMMARY:B", "DTSTART;TZID=Club:20270306T030000", "DURATION:PT10M");
  expect(times(calendarOf(...rules, ...club))).toEqual(["1 14:00 B 10"]);
  expect(times(calendarOf(...entry("SUMMARY:C", "DTSTART:20270306T010000Z")))).toEqual(["1 14:00 C 0"]);
});

test("repeats were dropped: each time that falls on the outing's days comes, but those left out, and moved ones as moved", () => {
  const text = calendarOf(
    ...entry(
      "UID:weekly",
      "SUMMARY:Training",
      "DTSTART;TZID=Pacific/Auckland:20260905T100000",
      "DURATION:PT30M",
      "RRULE:FREQ=DAILY",
      "EXDATE;TZID=Pacific/Auckland:20270307T100000",
    ),
    ...entry(
      "UID:weekly",
      "RECURRENCE-ID;TZID=Pacific/Auckland:20270308T100000",
      "SUMMARY:Training, late",
      "DTSTART;TZID=Pacific/Auckland:20270308T113000",
      "DURATION:PT30M",
    ),
  );
  // The clocks went forward between September and March: ten o'clock stays ten o'clock.
  expect(times(text, windowOf("2027-03-06", 3))).toEqual([
    "1 10:00 Training 30",
    "3 11:30 Training, late 30",
  ]);
});

test("a broken date said nothing: the entry is told by its number, and the others come", () => {
  const broken = entry("SUMMARY:Broken", "DTSTART:20271399T990000");
  const none = entry("SUMMARY:None");
  const day = entry("SUMMARY:All day", "DTSTART;VALUE=DATE:20270306");
  const good = entry("SUMMARY:Good", "DTSTART:20270306T140000");
  const read = readCalendar(calendarOf(...broken, ...none, ...day, ...good), windowOf("2027-03-06"));
  expect(read.events.map((e) => e.name)).toEqual(["Good"]);
  expect(read.refused.map((r) => [r.line, r.text])).toEqual([
    [1, "Broken"],
    [2, "None"],
    [3, "All day"],
  ]);
});

test("five thousand calendars with bytes cut, doubled and swapped: none throws, none invents a time", () => {
  const whole = calendarOf(
    ...entry("UID:a", "SUMMARY:A", "DTSTART;TZID=Europe/London:20270306T010000", "RRULE:FREQ=WEEKLY;COUNT=9"),
    ...entry("UID:b", "SUMMARY:B", "DTSTART:20270306T140000", "DURATION:PT1H", "LOCATION:Pit"),
  );
  const cut = fc.nat({ max: whole.length - 1 });
  fc.assert(
    fc.property(
      cut,
      cut,
      fc.constantFrom("cut", "twice", "swap", "put"),
      fc.string({ maxLength: 6 }),
      (a, b, how, put) => {
        const [from, to] = [Math.min(a, b), Math.max(a, b)];
        const middle = whole.slice(from, to);
        const changed = {
          cut: "",
          twice: middle + middle,
          swap: [...middle].reverse().join(""),
          put: middle + put,
        }[how];
        const read = readCalendar(whole.slice(0, from) + changed + whole.slice(to), windowOf("2027-03-06"));
        for (const { at, minutes } of read.events) {
          expect(at).toMatch(/^([01]\d|2[0-3]):[0-5]\d$/);
          expect(minutes).toBeGreaterThanOrEqual(0);
        }
      },
    ),
    { numRuns: 5000 },
  );
});
