import { fromNothing, looked } from "../../../test/outings";
import { automaticOf } from "./automatic";
import { meterPreset } from "./meter";
import { letIsoFollow } from "@/outing/edits";
import { fieldCard } from "../run/card";

const skier = looked(fromNothing("slalom-skier", { date: "2027-01-20", starts: "12:00" }));

test("a meter began with “nothing bright or dark” on snow: what fills the frame is preset by the ground", () => {
  expect(skier.view.found!.light.surface).toBe("snow");
  expect(meterPreset(skier.view)).toBe("snow");
});

test("a meter that is misled is said on the field card, with what to set; within a click nothing is said", () => {
  const shot = skier.view.shot.id;
  const left = (compensation: number) =>
    skier.changed(letIsoFollow(shot, { sees: "snow", compensation })).at(skier.view.window.starts);
  const wrong = left(0);
  const { advised } = automaticOf(wrong)!;
  expect(advised).toBeGreaterThan(5);
  const card = fieldCard(wrong)!;
  if (automaticOf(wrong)!.iso > wrong.found!.settings.rails.iso.from) {
    expect(card.misled).toMatchObject({ set: advised });
    expect(card.misled!.clicks).toBeLessThan(-1);
  }
  expect(card.lines.find((l) => l.rail === "iso")).toMatchObject({ by: "body" });
  expect(Math.abs(automaticOf(left(advised))!.pictureOff)).toBeLessThanOrEqual(
    Math.abs(automaticOf(wrong)!.pictureOff),
  );
});
