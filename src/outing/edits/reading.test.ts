import { assess } from "@/core/judge";
import { sceneAt } from "@/core/scene";
import { instantOf, lightPlanOf, rigOf, type Outing } from "@/data";
import { demoKit, demoOutings } from "../../../demo";
import { dropReading, keepReading, readingFrom } from "./reading";

const outing = demoOutings[0]!;

function card(s: Outing, time: string) {
  const shot = s.shots[0]!;
  const choice = s.choices[0]!;
  const found = assess({
    shot,
    subject: s.subjects.find((x) => x.id === shot.subjectId)!,
    position: s.ground.positions.find((p) => p.id === choice.positionId)!,
    rig: rigOf(choice, demoKit)!,
    scene: sceneAt(s.ground, lightPlanOf(s), instantOf(s.date, time, s.timeZone).at),
    order: ["lift", "aperture", "shutter", "iso"],
  });
  if (!found.ok) throw new Error(found.reason);
  return found;
}

test("two clicks too dark under passing cloud: two clicks more ISO now, one half an hour later, none of it at the start", () => {
  const changing = { ...outing, light: { ...outing.light, passing: true } };
  const before = card(changing, "16:27");
  const kept = keepReading(readingFrom(before, changing, -2))(changing);
  expect(card(kept, "16:27").settings.settings.iso - before.settings.settings.iso).toBe(2);
  const shift = (time: string) => card(kept, time).light.ev - card(changing, time).light.ev;
  expect(Math.abs(shift("16:27") + 2 / 3)).toBeLessThan(1 / 6);
  expect(shift("16:57")).toBeCloseTo(shift("16:27") / 2, 9);
  expect(card(kept, "16:00").light.ev).toBeCloseTo(card(changing, "16:00").light.ev, 9);
});

test("a reading faded under a steady sky, a roof or leaves: there it stays", () => {
  const covers = [{}, { roof: { daylightShare: 0.05 } }, { leaves: { daylightShare: 0.1 } }];
  for (const cover of covers) {
    const steady = { ...outing, light: { ...outing.light, ...cover, lamps: null, passing: "roof" in cover } };
    const kept = keepReading(readingFrom(card(steady, "16:27"), steady, -2))(steady);
    const shift = (time: string) => card(kept, time).light.ev - card(steady, time).light.ev;
    expect(shift("16:27")).toBeLessThan(-0.4);
    expect(shift("17:27")).toBeCloseTo(shift("16:27"), 9);
  }
});

test("of two readings of one zone the later rules to the millisecond, and of two at one instant the one kept last", () => {
  const first = readingFrom(card(outing, "16:27"), outing, -2);
  const at = (ms: number, offClicks: number, id: string) => ({ ...first, at: first.at + ms, offClicks, id });
  const shown = (...readings: (typeof first)[]) =>
    card({ ...outing, light: { ...outing.light, readings } }, "16:30").light.ev;
  expect(shown(at(1, 3, "b"), first)).toBeCloseTo(shown(at(1, 3, "b")), 12);
  expect(shown(first, at(0, 3, "b"))).toBeCloseTo(shown(at(0, 3, "b")), 12);
});

test("readings get ids of their own, and one that is dropped leaves the rest", () => {
  const first = readingFrom(card(outing, "16:27"), outing, -2);
  const one = keepReading(first)(outing);
  const second = readingFrom(card(one, "16:40"), one, 1);
  const two = keepReading(second)(one);
  expect(second.id).not.toBe(first.id);
  expect(dropReading(first.id)(two).light.readings).toEqual([second]);
});

test("a reading in a zone that was drawn was kept for another one, and counted its offset twice", () => {
  const spot = outing.ground.spots.find((s) => s.id === outing.shots[0]!.spotId)!;
  const { x, y } = spot.at;
  const outline = [
    { x: x - 5, y: y - 5 },
    { x: x + 5, y: y - 5 },
    { x: x + 5, y: y + 5 },
    { x: x - 5, y: y + 5 },
  ];
  const shade = { id: "shade", name: "Shade", offsetClicks: -6, holdsFor: "all" as const, outline };
  const drawn = { ...outing, ground: { ...outing.ground, zones: [...outing.ground.zones, shade] } };
  const before = card(drawn, "16:27");
  expect(before.light.ev - card(outing, "16:27").light.ev).toBeCloseTo(-2, 2);
  expect(before.light.offsets.zone).toBeCloseTo(-2, 9);
  const reading = readingFrom(before, drawn, -1);
  expect(reading.zoneId).toBe("shade");
  // One click too dark at the card's own settings: where those are the model's, the light goes down by that click.
  const off = reading.settingsEv - 1 / 3 - before.light.ev;
  const after = card(keepReading(reading)(drawn), "16:27");
  expect(after.light.ev - before.light.ev).toBeCloseTo(off, 6);
});
