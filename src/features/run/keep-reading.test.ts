import { dropReading } from "../stage/edits";
import { assess } from "@/core/judge";
import { sceneAt } from "@/core/scene";
import { instantOf, lightPlanOf, rigOf, type Shoot } from "@/data";
import { demoKit, demoShoots } from "../../../demo";
import { keepReading, readingFrom } from "./keep-reading";

const shoot = demoShoots[0]!;

function card(s: Shoot, time: string) {
  const shot = s.shots[0]!;
  const choice = s.choices[0]!;
  const found = assess({
    shot,
    subject: s.subjects.find((x) => x.id === shot.subjectId)!,
    position: s.ground.positions.find((p) => p.id === choice.positionId)!,
    rig: rigOf(choice, demoKit)!,
    scene: sceneAt(s.ground, lightPlanOf(s), instantOf(s.date, time, s.zone).at),
    order: ["lift", "aperture", "shutter", "iso"],
  });
  if (!found.ok) throw new Error(found.reason);
  return found;
}

test("two clicks too dark by day: two clicks more ISO now, one half an hour later, none of it at the start", () => {
  const before = card(shoot, "16:27");
  const kept = keepReading(readingFrom(before, shoot, -2))(shoot);
  expect(card(kept, "16:27").settings.settings.iso - before.settings.settings.iso).toBe(2);
  const shift = (time: string) => card(kept, time).light.ev.value - card(shoot, time).light.ev.value;
  expect(Math.abs(shift("16:27") + 2 / 3)).toBeLessThan(1 / 6);
  expect(shift("16:57")).toBeCloseTo(shift("16:27") / 2, 9);
  expect(card(kept, "16:00").light.ev.value).toBeCloseTo(card(shoot, "16:00").light.ev.value, 9);
});

test("readings get ids of their own, and one that is dropped leaves the rest", () => {
  const first = readingFrom(card(shoot, "16:27"), shoot, -2);
  const one = keepReading(first)(shoot);
  const second = readingFrom(card(one, "16:40"), one, 1);
  const two = keepReading(second)(one);
  expect(second.id).not.toBe(first.id);
  expect(dropReading(first.id)(two).light.readings).toEqual([second]);
});
