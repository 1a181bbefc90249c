import { shutterNearest } from "@/core/exposure";
import { lockRails, setLamps } from "@/outing/edits";
import { anOuting } from "../../../test/outings";
import { flicker } from "./flicker";

const hall = anOuting("handball-league-evening");

test("a shutter that is safe from flicker and smears a frozen subject is none: only those that hold it are offered", () => {
  const answer = flicker(hall.view)!;
  const slowest = hall.view.found!.settings.rails.shutter.from;
  expect(answer.flicker.calm.length).toBeGreaterThan(0);
  expect([...answer.calm, ...answer.smearing].sort()).toEqual([...answer.flicker.calm].sort());
  for (const click of answer.calm) expect(click).toBeGreaterThanOrEqual(slowest);
  for (const click of answer.smearing) expect(click).toBeLessThan(slowest);
  // A throw is not frozen by 1/100.
  expect(answer.smearing).toContain(shutterNearest(1 / 100));
});

test("mains come from the time zone until they are told, and are asked where a country has both", () => {
  const untold = hall.changed(setLamps({ flicker: undefined }));
  const in_ = (timeZone: string) => flicker(untold.changed((o) => ({ ...o, timeZone })).view)!;
  expect(in_("Europe/London")).toMatchObject({ mainsHz: 50, mains: "by-zone", told: false });
  expect(in_("America/New_York")).toMatchObject({ mainsHz: 60, mains: "by-zone" });
  expect(in_("Asia/Tokyo").mains).toBe("ask");
  const told = hall.changed(setLamps({ flicker: { mainsHz: 60, modulation: 0.2 } }));
  expect(flicker(told.view)).toMatchObject({ mainsHz: 60, mains: "told", modulation: 0.2 });
});

test("in a hall it is said to turn flicker reduction on first, with no shutter that would smear", () => {
  const held = hall.changed(lockRails(hall.view.shot.id, { shutter: shutterNearest(1 / 800) }));
  const said = held.view.found!.judgement.find((j) => j.code === "flicker");
  expect(said).toMatchObject({ calm: undefined });
  const untold = hall.changed(setLamps({ flicker: undefined })).view.found!;
  expect(untold.judgement.map((j) => j.code)).toContain("flicker-untold");
});
