import { looked, anOuting, fromNothing } from "../../../test/outings";
import { exposing } from "./exposing";

test("advice saw the next minutes at the spot and not the shadow that stands over the pitch: eight clicks are more than one can turn", () => {
  const hockey = anOuting("hockey-semi-final");
  const { window } = hockey.view;
  const said = new Set<string>();
  // With the sun behind the camera the edge is deep; against it both sides of it are dark.
  for (const { id } of hockey.view.outing.ground.positions)
    for (let at = window.from; at <= window.until; at += 20 * 60_000) {
      const advice = exposing(hockey.from(id).at(at))!;
      said.add(advice.reason);
      if (advice.reason === "shadow-stands") expect(advice.clicks).toBeGreaterThan(3);
    }
  expect([...said]).toContain("shadow-stands");
});

test("an even sky over an empty field is manual; a hall whose ends differ is clicked along or left to the body", () => {
  const field = looked({
    ...fromNothing("football-runner"),
    light: { cloudEighths: 8, lamps: null, readings: [] },
  });
  const { ground } = field.view.outing;
  const empty = field.changed((o) => ({
    ...o,
    ground: { ...ground, obstacles: [], zones: ground.zones.slice(0, 1) },
  }));
  expect(exposing(empty.at(empty.view.window.from))!.mode).toBe("manual");
  expect(exposing(anOuting("handball-league-evening").view)).toBeDefined();
});
