import { lockRails } from "@/outing/edits";
import { anOuting } from "../../../test/outings";
import { outingCardInput, cardIsStale } from "./three-sets";
import { through } from "./through";
import { waysOfView } from "./ways";
import { heldWayWords } from "@/words/held-way";

const hockey = anOuting("hockey-semi-final");
const night = hockey.view.window.until;
const shot = hockey.view.shot.id;

test("“wide open already” was said of an aperture that is held: it says what is held and what letting go gives", () => {
  const held = hockey.changed(lockRails(shot, { aperture: 18 })).at(night);
  const way = waysOfView(held)!.ways.find((w) => w.kind === "aperture")!;
  expect(way.held).toMatchObject({ rail: "aperture", click: 18 });
  expect(way.held!.gives).toBe(9);
  expect(way.holds).toBeUndefined();
  expect(heldWayWords(way.held!)).toBe("you hold f/8: let go, 3 stops");
});

test("to push keeps the holds", () => {
  const held = hockey.changed(lockRails(shot, { aperture: 9 })).at(night);
  const push = waysOfView(held)!.ways.find((w) => w.kind === "lift")!;
  expect(push.holds).toMatchObject({ aperture: 9 });
});

test("the choice a third under the ceiling stands beside it, at the same exposure", () => {
  const ways = waysOfView(hockey.at(night))!;
  const { settings, rails } = hockey.at(night).found!.settings;
  expect(settings.iso).toBe(rails.iso.to);
  expect(ways.thirdUnder).toEqual({ ...settings, iso: settings.iso - 1, shutter: settings.shutter - 1 });
  expect(waysOfView(hockey.at(hockey.view.window.from))).toBeUndefined();
});

test("an evening that is short breaks for a while, a hall that is always short breaks all the time", () => {
  expect(through(hockey.view)).toMatchObject({ breaks: "sometimes" });
  expect(through(hockey.view).worst!.at).toBeGreaterThan(hockey.view.window.starts);
  expect(through(anOuting("handball-league-evening").view).breaks).toBe("always");
});

test("the card is asked of every promised shot with a position, with its holds; flight is kept in the wild alone", () => {
  const held = hockey.changed(lockRails(shot, { shutter: 33 }));
  const asked = outingCardInput(held.view);
  const placed = held.view.outing.choices.filter((c) => c.positionId !== null);
  expect(asked.shots.map((s) => s.shot.id).sort()).toEqual(placed.map((c) => c.shotId).sort());
  expect(asked.shots.find((s) => s.shot.id === shot)!.locked).toEqual({ shutter: 33 });
  expect(asked.flight).toBeUndefined();
  const lagoon = anOuting("lagoon-at-first-light").view;
  const flies = lagoon.outing.subjects.some((s) => s.figure === "flying" || s.figure === "stooping");
  expect(outingCardInput(lagoon).flight === undefined).toBe(flies);
  expect(cardIsStale(hockey.view.outing, held.view.outing)).toBe(true);
  expect(cardIsStale(hockey.view.outing, { ...hockey.view.outing, revision: 9 })).toBe(false);
});
