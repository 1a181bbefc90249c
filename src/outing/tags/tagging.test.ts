import { readFileSync } from "node:fs";
import { demoOutings } from "../../../demo";
import { tagSchema, type Outing, type Person } from "@/data";
import { addEvents, addPeople } from "../edits";
import { entriesOf } from "../people/entries";
import { peopleFrom } from "../people/named-in-lists";
import { timedProgramme } from "../programme/event-times";
import { eventsFrom } from "../lists/events-from";
import { readList } from "../lists/read-list";
import {
  coloursOf,
  eventAt,
  lanesOf,
  namesIn,
  namesOfColour,
  namesOfLane,
  peopleFor,
  rowsOfTags,
  tagAt,
} from "./tagging";

const ONE = { date: "2026-11-14", count: 1 };
const MINUTE = 60_000;
const LIST =
  "10:00 Heat 1 (3 min)\n 3 Ida Roth (Alder)\n 4 Mia Falk\n10:06 Heat 2 (3 min)\n 4 Nora Sund\n11:00 Relay (5 min)";
const people: Person[] = [
  ...peopleFrom([{ name: "Nora Sund" }, { name: "Ida Roth" }], []),
  { id: "coach", name: "Coach", colour: "Red shirt", lane: "9", consent: "given" },
];
/** An outing without a programme, at which nothing has a place. */
const bare = { ...demoOutings[1]!, shots: [], programme: [] };
const outing: Outing = addPeople(people)(
  addEvents(eventsFrom(readList(LIST, ONE).events, bare))({
    ...demoOutings[1]!,
    date: "2026-11-14",
    from: "09:00",
    until: "13:00",
    starts: "10:00",
  }),
);
const [first, second, relay] = timedProgramme(outing) as [
  ReturnType<typeof timedProgramme>[number],
  ReturnType<typeof timedProgramme>[number],
  ReturnType<typeof timedProgramme>[number],
];

test("a press speaks of the event that is on, of the one just over, and of none in a pause", () => {
  expect(eventAt(outing, first.starts)?.id).toBe(first.id);
  expect(eventAt(outing, first.ends + MINUTE)?.id).toBe(first.id);
  expect(eventAt(outing, second.starts - MINUTE)?.id).toBe(second.id);
  expect(eventAt(outing, relay.starts - 10 * MINUTE)).toBeUndefined();
  expect(eventAt({ ...outing, programme: undefined }, first.starts)).toBeUndefined();
});

test("lanes, colours and heats name whom the list or one's people have there", () => {
  expect(entriesOf("3 Ida Roth (Alder); lane 4: Mia Falk; 12\n112 Jon Bark")).toEqual([
    { lane: "3", name: "Ida Roth", club: "Alder" },
    { lane: "4", name: "Mia Falk" },
    { name: "Jon Bark" },
  ]);
  expect(lanesOf(first)).toEqual(["3", "4"]);
  expect(lanesOf(relay)).toHaveLength(8);
  expect(namesOfLane("4", first, people)).toEqual(["Mia Falk"]);
  expect(namesOfLane("4", second, people)).toEqual(["Nora Sund"]);
  expect(namesOfLane("9", undefined, people)).toEqual(["Coach"]);
  expect(namesOfColour("red shirt", undefined, people)).toEqual(["Coach"]);
  expect(coloursOf(undefined, people)).toEqual(["Red shirt"]);
  expect(coloursOf(undefined, []).length).toBeGreaterThan(4);
  const [heat] = timedProgramme({
    ...outing,
    programme: eventsFrom(
      readList("10:00 Heat 1\n 3 Ida Roth (Alder, red cap)\n 4 Mia Falk (blue cap)", ONE).events,
      bare,
    ),
  });
  expect(coloursOf(heat, people)).toEqual(["red cap", "blue cap", "Red shirt"]);
  expect(namesOfColour("red cap", heat, people)).toEqual(["Ida Roth"]);
  expect(namesOfLane("4", heat, [])).toEqual(["Mia Falk"]);
  expect(namesIn(first, people)).toEqual(["Ida Roth", "Mia Falk"]);
  expect(namesIn(relay, [{ ...people[2]!, eventIds: [relay.id] }])).toEqual(["Coach"]);
  expect(peopleFor(first, people)[0]!.name).toBe("Ida Roth");
  expect(peopleFor(second, people)[0]!.name).toBe("Nora Sund");
});

test("tags of one instant have ids of their own, pass the schema, and go out as a table with every name", () => {
  const tags = [0.1, 0.7].map((salt) => ({
    ...tagAt(first.ends + 0.4, salt, first, outing.shots[0]!.id),
    kind: "heat" as const,
    names: namesIn(first, people),
    from: first.starts,
  }));
  expect(new Set(tags.map((t) => t.id)).size).toBe(2);
  expect(tags.map((t) => tagSchema.safeParse(t).error)).toEqual([undefined, undefined]);
  const [heads, row] = rowsOfTags(tags, outing);
  expect(Object.fromEntries(heads!.map((h, i) => [h, row![i]]))).toMatchObject({
    kind: "heat",
    names: "Ida Roth; Mia Falk",
    event: "Heat 1",
    shot: outing.shots[0]!.name,
    began: new Date(first.starts).toISOString(),
  });
});

test("the shipped gala: every heat names its six swimmers, and each lane one of them", () => {
  const gala = readList(readFileSync("public/lists/pool-gala.txt", "utf8"), ONE).events;
  const heats = timedProgramme({ ...outing, programme: eventsFrom(gala, bare) });
  expect(heats.length).toBeGreaterThan(25);
  for (const heat of heats) {
    expect(lanesOf(heat)).toEqual(["1", "2", "3", "4", "5", "6"]);
    expect(lanesOf(heat).flatMap((lane) => namesOfLane(lane, heat, []))).toEqual(namesIn(heat, []));
  }
});
