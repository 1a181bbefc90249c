import { demoKit } from "../../../demo";
import { EVENT_KINDS, STAGED, stagingOf } from "@/core/catalogue";
import { standingAt, VENUES } from "@/core/ground";
import { DEFAULT_PREFERENCES, outingSchema, type Outing } from "@/data";
import { librarySubject } from "../begin/library-subject";
import { newOuting } from "../begin/new-outing";
import { addEvents } from "../edits";
import { eventsFrom } from "../lists/events-from";
import { readList } from "../lists/read-list";
import { arrangeKinds, kindsToPlace } from "./arrange";
import { placesToTell } from "./places-to-tell";

const begun = (template: string, subjectId: string): Outing =>
  newOuting(
    {
      name: "Meeting",
      template,
      place: "Alder Vale",
      latitude: 53.2,
      longitude: -1.4,
      timeZone: "Europe/London",
      date: "2027-05-15",
      from: "11:00",
      until: "18:00",
      starts: "12:00",
      subject: librarySubject(subjectId)!,
      staging: stagingOf(subjectId),
      group: "people",
    },
    demoKit,
    DEFAULT_PREFERENCES,
  );
const stadium = begun("athletics-400", "sprinter");
const LIST = "12:30 High jump women\n13:00 Long jump men\n13:10 100 m heats\n14:00 Discus\n14:30 Chess";

test("the kinds of a list are put where they are met, each with a shot and a position where one may stand, and the events go there", () => {
  const { events } = readList(LIST, { date: stadium.date, count: 1 });
  const kinds = kindsToPlace(
    stadium,
    events.map((e) => EVENT_KINDS.find((k) => k.words.test(e.name))),
  );
  expect(kinds.map((k) => k.id)).toEqual(["high-jump", "long-jump", "discus"]);
  const arranged = arrangeKinds(kinds, demoKit, DEFAULT_PREFERENCES)(stadium);
  expect(outingSchema.safeParse(arranged).error).toBeUndefined();
  const programme = eventsFrom(events, arranged);
  const spotOf = (id: string | undefined): string | undefined =>
    arranged.ground.spots.find((s) => s.id === id)?.name;
  expect(programme.map((e) => [e.name, spotOf(e.place?.id)])).toEqual([
    ["High jump women", "High jump"],
    ["Long jump men", "Long or triple jump"],
    ["100 m heats", "Spot 1"],
    ["Discus", "Discus"],
    ["Chess", undefined],
  ]);
  for (const { at } of arranged.ground.positions)
    expect(standingAt(arranged.ground, at).rule).not.toBe("never");
  expect(arranged.ground.positions.length).toBeGreaterThan(2);
  // What stands is not put twice.
  expect(kindsToPlace(arranged, kinds)).toEqual([]);
  expect(arrangeKinds([], demoKit, DEFAULT_PREFERENCES)(stadium)).toBe(stadium);
});

test("on every venue every kind that is met there is put on it by the schema, and nobody is sent where one may never stand", () => {
  let put = 0;
  for (const { id } of VENUES) {
    const first = STAGED.map((s) => stagingOf(s)!).find((s) => s.venues.includes(id));
    if (!first || !librarySubject(first.subjectId)) continue;
    const outing = begun(id, first.subjectId);
    const kinds = kindsToPlace(outing, EVENT_KINDS);
    if (kinds.length === 0) continue;
    const arranged = arrangeKinds(kinds.slice(0, 8), demoKit, DEFAULT_PREFERENCES)(outing);
    expect([id, outingSchema.safeParse(arranged).error]).toEqual([id, undefined]);
    for (const { at } of arranged.ground.positions.slice(outing.ground.positions.length)) {
      expect([id, standingAt(arranged.ground, at).rule]).not.toEqual([id, "never"]);
      put++;
    }
  }
  expect(put).toBeGreaterThan(8);
});

test("of the places that are not told those are asked for that are worth most together, each for all events of its kind", () => {
  const events = readList("10:00 Javelin\n10:10 Javelin girls\n10:20 Chess\n10:30 Lunch", {
    date: stadium.date,
    count: 1,
  }).events;
  const nowhere = { ...stadium, shots: [], ground: { ...stadium.ground, spots: [], tracks: [], areas: [] } };
  const told = addEvents(eventsFrom(events, nowhere))(nowhere);
  expect(placesToTell(told).map((p) => [p.name, p.ids.length])).toEqual([
    ["Javelin", 2],
    ["Chess", 1],
  ]);
});
