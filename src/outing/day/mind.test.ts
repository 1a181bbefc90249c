import { demoOutings } from "../../../demo";
import { CAUTIONS, windowOf, type Outing, type ProgrammeEvent } from "@/data";
import { mindSentence } from "@/words/mind";
import { gravest, mindNow, type Mind } from "./mind";

const MINUTE = 60_000;
const hockey = demoOutings[0]!;
const base: Outing = {
  ...hockey,
  date: "2026-06-21",
  from: "11:00",
  starts: "12:00",
  until: "15:00",
  cautions: ["balls", "run-off", "throwing-sector", "young-people", "alone", "electricity"],
};
const event = (id: string, at: string, more: Partial<ProgrammeEvent> = {}): ProgrammeEvent => ({
  id,
  name: id,
  at,
  minutes: 10,
  calls: [],
  place: null,
  priority: 2,
  setUp: 3,
  ...more,
});
/** What is minded so many minutes after arriving. */
const after = (outing: Outing, minutes: number): Mind[] => {
  const window = windowOf(outing);
  return mindNow({ outing, window, at: window.from + minutes * MINUTE });
};
const codes = (minds: readonly Mind[]): string[] =>
  minds.map((m) => (m.code === "caution" ? m.caution : m.code === "care" ? m.care : m.code));

test("a danger of what goes on is said while it does, one of the way in on arrival, consent on the way home", () => {
  expect(codes(after(base, 10))).toEqual(["electricity", "alone"]);
  expect(codes(after(base, 40))).toEqual([]);
  expect(codes(after(base, 60))).toEqual(["throwing-sector", "balls", "run-off"]);
  expect(codes(after(base, 230))).toEqual(["throwing-sector", "balls", "run-off", "young-people"]);
  expect(codes(after(base, 241))).toEqual([]);
});

test("of much that is to be minded every danger is said, and of the rest the first two", () => {
  const much: Outing = {
    ...base,
    cautions: ["throwing-sector", "horses", "balls", "silence", "flash", "run-off", "young-people"],
  };
  const minded = after(much, 230);
  expect(codes(minded)).toEqual([
    "throwing-sector",
    "horses",
    "balls",
    "run-off",
    "silence",
    "flash",
    "young-people",
  ]);
  expect(codes(gravest(minded, 2))).toEqual(["throwing-sector", "horses", "balls", "run-off", "silence"]);
});

test("with a programme dangers are said five minutes before an event and while it is on, the sector for throws alone", () => {
  const meet = { ...base, programme: [event("100 m final", "12:00"), event("Javelin women", "13:00")] };
  expect(codes(after(meet, 50))).toEqual([]);
  expect(codes(after(meet, 56))).toEqual(["balls", "run-off"]);
  expect(codes(after(meet, 75))).toEqual([]);
  expect(codes(after(meet, 121))).toEqual(["throwing-sector", "balls", "run-off"]);
});

test("who refused to be shown is named when what they are in is on, however they are known to be in it", () => {
  const person = { id: "ida", name: "Ida Roth", consent: "refused" } as const;
  const meet: Outing = {
    ...base,
    cautions: [],
    programme: [event("heat", "12:00", { who: "4 Roth, Ida" }), event("final", "13:00")],
    people: [person],
  };
  expect(after(meet, 62)).toEqual([{ code: "refused", names: ["Ida Roth"] }]);
  expect(after(meet, 122)).toEqual([]);
  const byHand = { ...meet, people: [{ ...person, eventIds: ["final"] }] };
  expect(after(byHand, 122)).toEqual([{ code: "refused", names: ["Ida Roth"] }]);
  expect(after({ ...meet, people: [{ ...person, consent: "given" as const }] }, 62)).toEqual([]);
});

test("rain is told an hour before it is likely and while it is, under a roof never; heat while the sun is high", () => {
  const { from } = windowOf(base);
  const hour = (n: number, share: number, temperature: number) => ({
    at: from + n * 60 * MINUTE,
    cloud: [2, 4, 6] as [number, number, number],
    rain: { share, mm: 1 },
    wind: [1, 2, 3] as [number, number, number],
    temperature: [temperature, temperature, temperature] as [number, number, number],
  });
  const wet: Outing = {
    ...base,
    cautions: [],
    forecast: { hours: [0, 1, 2, 3].map((n) => hour(n, n === 2 ? 0.6 : 0.1, 15)) },
  };
  expect(after(wet, 50)).toEqual([]);
  expect(after(wet, 70)).toEqual([{ code: "rain", from: from + 120 * MINUTE }]);
  expect(after(wet, 130)).toEqual([{ code: "rain", from: "now" }]);
  expect(after({ ...wet, light: { ...wet.light, roof: { daylightShare: 0.1 } } }, 130)).toEqual([]);
  const hot = { ...base, cautions: [], forecast: { hours: [hour(0, 0, 31)] } };
  expect(codes(after(hot, 90))).toEqual(["heat"]);
  expect(codes(after({ ...hot, from: "04:00", starts: "05:00" }, 30))).toEqual([]);
  expect(codes(after({ ...base, cautions: [], weather: { temperature: 30 } }, 90))).toEqual(["heat"]);
});

test("kit is cared for by the day when one comes and when one goes", () => {
  const packing = { ticked: [], own: [] };
  const damp: Outing = {
    ...base,
    cautions: [],
    packing: { ...packing, conditions: ["damp-forest", "rain"] },
  };
  expect(codes(after(damp, 5))).toEqual(["adapt", "cover"]);
  expect(codes(after(damp, 230))).toEqual(["night"]);
});

test("every caution and everything that is minded has a sentence that ends as one", () => {
  const said = [
    ...CAUTIONS.map((caution) => mindSentence({ code: "caution", caution })),
    mindSentence({ code: "refused", names: ["Ida Roth", "Jon Bark"] }),
    mindSentence({ code: "rain" }),
    mindSentence({ code: "rain", from: "18:00" }),
    mindSentence({ code: "care", care: "adapt" }),
  ];
  expect(said).toHaveLength(CAUTIONS.length + 4);
  expect(said.every((words) => /^[A-Z].{15,}\.$/.test(words))).toBe(true);
});
