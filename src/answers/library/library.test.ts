import { EMPTY_LIBRARY } from "@/data";
import { dayConditions } from "./day-conditions";
import { genericKit } from "./kit";
import { shippedLight } from "./light";
import { fillings } from "./meter-sees";
import { figures, groupOf, shippedSubjects, stagingOf, subjectTaken } from "./subjects";
import { groundsToBegin, shippedVenues, subjectOn, venueFor, venueName } from "./venues";

test("every subject that ships can be taken, and meets a ground that meets it", () => {
  expect(shippedSubjects().length).toBeGreaterThanOrEqual(150);
  for (const { id } of shippedSubjects()) {
    const taken = subjectTaken(id, [])!;
    expect(taken).not.toHaveProperty("source");
    const on = venueFor(id, "open-ground");
    expect([id, subjectOn(on, id)]).toEqual([id, id]);
    expect(groupOf(id)).not.toBe("");
    if (taken.figure) expect(figures()).toContain(taken.figure);
  }
  expect(subjectTaken("nobody", [])).toBeUndefined();
  expect(stagingOf("nobody")).toBeUndefined();
});

test("a subject of one's own comes before one that ships", () => {
  const mine = { ...subjectTaken("hockey-runner", [])!, name: "Ours", source: "me" };
  expect(subjectTaken("hockey-runner", [mine])!.name).toBe("Ours");
});

test("grounds to begin on are open ground and every venue, each with its name and its words", () => {
  const grounds = groundsToBegin();
  expect(grounds.length).toBe(shippedVenues().length + 1);
  expect(grounds[0]!.size).toBeUndefined();
  for (const { id, name } of grounds) expect(venueName(id)).toBe(name);
  expect(venueName("nowhere")).toBe(grounds[0]!.name);
});

test("kit, light and what a meter sees ship with what they say, and the library begins empty", () => {
  expect(genericKit.bodies.length).toBeGreaterThan(2);
  expect(genericKit.formats.length).toBeGreaterThan(2);
  expect(shippedLight.levels.every((l) => l.source.length > 0)).toBe(true);
  expect(fillings().some((f) => f.id === "snow")).toBe(true);
  expect(dayConditions().length).toBeGreaterThan(3);
  expect(EMPTY_LIBRARY.subjects).toEqual([]);
});
