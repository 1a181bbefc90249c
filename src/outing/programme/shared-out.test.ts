import { demoOutings } from "../../../demo";
import type { Coverage, CoverageInput } from "@/core/schedule";
import { addEvents } from "../edits";
import { eventsFrom } from "../lists/events-from";
import { readList } from "../lists/read-list";
import { leftForSecond, shareOut, withEventsOf } from "./shared-out";

const base = { ...demoOutings[0]!, shots: [], programme: [] };
const pitches = readList(
  "\tPitch 1\tPitch 2\tPitch 3\n10:00\tA v B\tC v D\tE v F\n10:30\tA v C\tB v D\tE v A",
  {
    date: base.date,
    count: 1,
  },
);
const outing = addEvents(eventsFrom(pitches.events, base))(base);
const ids = outing.programme!.map((e) => e.id);
const covering = (eventIds: readonly string[]): Coverage =>
  ({ visits: eventIds.map((eventId) => ({ eventId, from: 0, until: 70 })) }) as unknown as Coverage;

test("what the first is at is left to nobody else, and the second gets what an order of theirs covers", () => {
  expect(ids).toHaveLength(6);
  const asked = { events: ids.map((id) => ({ id, from: 0, until: 70 })) } as unknown as CoverageInput;
  const left = leftForSecond(asked, covering([ids[0]!, ids[3]!, ids[0]!]));
  expect(left.events.map((e) => e.id)).toEqual([ids[1], ids[2], ids[4], ids[5]]);
  // Ten minutes of a game of seventy leave it to the other.
  const glance = { visits: [{ eventId: ids[0]!, from: 0, until: 10 }] } as unknown as Coverage;
  expect(leftForSecond(asked, glance).events).toHaveLength(6);
  const shared = shareOut(covering([ids[1]!, ids[4]!]))(outing);
  expect(shared.programme!.map((e) => e.by)).toEqual([
    undefined,
    "second",
    undefined,
    undefined,
    "second",
    undefined,
  ]);
  // Shared out anew, what they had before is one's own again.
  const anew = shareOut(covering([ids[2]!]))(shared);
  expect(anew.programme!.filter((e) => e.by).map((e) => e.id)).toEqual([ids[2]]);
  expect(shareOut(undefined)(shared).programme!.some((e) => e.by)).toBe(false);
});

test("each has the events of their own in their file, and both together have all", () => {
  const shared = shareOut(covering([ids[1]!, ids[4]!]))(outing);
  const of = (whose: "all" | "mine" | "second") => withEventsOf(shared, whose).programme!.map((e) => e.id);
  expect(of("second")).toEqual([ids[1], ids[4]]);
  expect([...of("mine"), ...of("second")].toSorted()).toEqual([...of("all")].toSorted());
});
