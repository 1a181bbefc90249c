import { demoOutings } from "../../../demo";
import type { Outing, ProgrammeEvent } from "@/data";
import { timedProgramme } from "./event-times";
import { delayEvent, heldUp } from "./runs-late";

type Told = readonly [at: string, name: string, minutes: number, place?: string];

const place = (id: string): ProgrammeEvent["place"] => ({ sort: "spot", id });

const dayOf = (...told: readonly Told[]): Outing => ({
  ...demoOutings[0]!,
  from: "08:00",
  until: "20:00",
  programme: told.map(([at, name, minutes, at2], i) => ({
    id: `e${i}`,
    name,
    at,
    minutes,
    calls: [],
    place: at2 === undefined ? null : place(at2),
    priority: 2,
    setUp: 0,
  })),
});

const late = (outing: Outing, id: string, minutes: number) => Object.fromEntries(heldUp(outing, id, minutes));

test("a pit that runs late moved the whole meeting: what hangs on it moves, by what its pause does not take up", () => {
  const day = dayOf(
    ["13:00", "Long jump men", 60, "pit"],
    ["14:10", "Long jump women", 60, "pit"],
    ["15:40", "Triple jump men", 60, "pit"],
    ["13:30", "Discus", 60, "circle"],
    ["14:00", "100 m heats", 20, "finish"],
  );
  expect(late(day, "e0", 25)).toEqual({ e0: 25, e1: 15 });
  expect(late(day, "e0", 45)).toEqual({ e0: 45, e1: 35, e2: 5 });
  expect(late(day, "e2", 20)).toEqual({ e2: 20 });
});

test("races share the track wherever they are photographed, and a final waits for its heats elsewhere", () => {
  const day = dayOf(
    ["13:00", "100 m women heats", 10, "finish"],
    ["13:15", "400 m men", 5, "bend"],
    ["13:20", "Javelin", 60, "runway"],
    ["14:00", "100 m women final", 5, "blocks"],
  );
  expect(late(day, "e0", 10)).toEqual({ e0: 10, e1: 5 });
  expect(late(day, "e2", 30)).toEqual({ e2: 30 });
  const throwing = dayOf(
    ["13:00", "Javelin qualifying", 60, "runway"],
    ["14:05", "Javelin final", 60, "other"],
  );
  expect(late(throwing, "e0", 15)).toEqual({ e0: 15, e1: 10 });
});

test("pitches side by side do not wait for each other; what overlapped as planned overlaps as much", () => {
  const day = dayOf(
    ["10:00", "Reds v Blues", 30, "pitch-1"],
    ["10:00", "Greens v Whites", 30, "pitch-2"],
    ["10:30", "Reds v Greens", 30, "pitch-1"],
    ["10:45", "Blues v Whites", 30, "pitch-1"],
  );
  expect(late(day, "e0", 10)).toEqual({ e0: 10, e2: 10, e3: 10 });
});

test("earlier goes an event alone, an unknown one moves nothing, and lateness adds up", () => {
  const day = dayOf(["10:00", "Discus", 30, "circle"], ["10:30", "Hammer", 30, "circle"]);
  expect(late(day, "e0", -10)).toEqual({ e0: -10 });
  expect(late(day, "none", 10)).toEqual({});
  const early = timedProgramme(day)[0]!.starts - 1;
  const twice = delayEvent("e0", 10, early)(delayEvent("e0", 5, early)(day));
  expect(twice.programme!.map((e) => e.late)).toEqual([15, 15]);
  expect(delayEvent("none", 10, early)(day)).toBe(day);
});

test("an event that is on began once more when it ran late: it goes on longer, and what hangs on it moves", () => {
  const day = dayOf(["10:00", "Discus", 30, "circle"], ["10:30", "Hammer", 30, "circle"]);
  const [discus, hammer] = delayEvent("e0", 10, timedProgramme(day)[0]!.starts + 1)(day).programme!;
  expect([discus!.late, discus!.minutes]).toEqual([undefined, 40]);
  expect([hammer!.late, hammer!.minutes]).toEqual([10, 30]);
});
