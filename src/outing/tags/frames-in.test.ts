import { demoOutings } from "../../../demo";
import { timedProgramme } from "../programme/event-times";
import { addEvents } from "../edits";
import { eventsFrom } from "../lists/events-from";
import { readList } from "../lists/read-list";
import { clockAheadOf, framesByEvent, type FrameTold } from "./frames-in";

const base = { ...demoOutings[0]!, shots: [], programme: [] };
const { events } = readList("17:10 Heat 1 (4 min)\n17:30 Heat 2 (4 min)", { date: base.date, count: 1 });
const outing = addEvents(eventsFrom(events, base))(base);
const [one, two] = timedProgramme(outing);
const AHEAD = 37 * 60_000;
const frame = (came: number): FrameTold => ({ shotId: "s", came, taken: came + AHEAD });
const MINUTE = 60_000;

test("frames belong to the event that was on, whatever the camera's clock says, and to whom was tagged beside them", () => {
  const frames = [
    frame(one!.starts + MINUTE),
    { ...frame(one!.starts + 2 * MINUTE), positionId: outing.ground.positions[1]!.id },
    frame(one!.ends + 8 * MINUTE),
    // This one came late over the cable: its own clock says when it was taken.
    { ...frame(two!.starts + MINUTE), came: two!.starts + 9 * MINUTE },
  ];
  expect(clockAheadOf(frames)).toBe(AHEAD);
  const tags = [
    { at: one!.starts + 2 * MINUTE + 10_000, names: ["Ida Roth"] },
    { at: one!.starts + 4 * MINUTE, names: ["Mia Falk"] },
  ];
  expect(framesByEvent(outing, frames, tags)).toEqual([
    {
      eventId: one!.id,
      name: "Heat 1",
      frames: 2,
      from: [outing.ground.positions[1]!.name],
      who: ["Ida Roth"],
    },
    { eventId: undefined, name: "", frames: 1, from: [], who: [] },
    { eventId: two!.id, name: "Heat 2", frames: 1, from: [], who: [] },
  ]);
});

test("without frames no clock is ahead and nothing is told", () => {
  expect(clockAheadOf([])).toBe(0);
  expect(framesByEvent(outing, [], [])).toEqual([]);
});
