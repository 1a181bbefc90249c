import ICAL from "ical.js";
import { cardCalendar } from "./card-calendar";
import { cardSheet, cardText, type WrittenCard } from "./card-file";

const card: WrittenCard = {
  title: "Cup <semi> & final",
  under: "Sat 17 Oct · Quarry Lane",
  sets: [
    { key: "C1", name: "Action", exposure: "1/1000 f/2.8 ISO 400–6400", lines: ["Manual", "Fast burst"] },
  ],
  verdict: "They serve 98 % of the shots.",
  changes: [{ time: "18:05", words: "lamps on", detail: "1/1000, f/2.8, ISO 3200" }],
  cautions: ["Stay off the field of play."],
};

test("the text holds every set, change and caution; the paper holds them too, and what looks like a tag is text", () => {
  const text = cardText(card);
  for (const words of ["C1 Action: 1/1000", "18:05 lamps on: 1/1000", "! Stay off", "98 %"])
    expect(text).toContain(words);
  const sheet = cardSheet(card);
  expect(sheet).toContain("Cup &lt;semi&gt; &amp; final");
  expect(sheet).toContain("size: 105mm 148mm");
  expect(sheet).not.toContain("<semi>");
});

test("a second library reads the calendar: each moment at its second, with an alarm two minutes before", () => {
  const at = Date.UTC(2026, 9, 17, 17, 5, 12);
  const file = cardCalendar(
    {
      name: card.title,
      place: "Quarry Lane, gate 2; ask at the desk",
      entries: [{ id: "a@bright-perch", at, title: "lamps on, Cup", detail: "1/1000, f/2.8\nISO 3200" }],
    },
    Date.UTC(2026, 9, 1),
  );
  const calendar = new ICAL.Component(ICAL.parse(file) as unknown[]);
  const events = calendar.getAllSubcomponents("vevent");
  expect(events).toHaveLength(1);
  const event = new ICAL.Event(events[0]!);
  expect(event.startDate.toJSDate().getTime()).toBe(at);
  expect(event.summary).toBe("lamps on, Cup");
  expect(event.description).toBe("1/1000, f/2.8\nISO 3200");
  expect(event.location).toBe("Quarry Lane, gate 2; ask at the desk");
  const alarm = events[0]!.getFirstSubcomponent("valarm")!;
  expect(String(alarm.getFirstPropertyValue("trigger"))).toBe("-PT2M");
});
