import { lensesFor } from "@/core/optics";
import { lockRails } from "@/outing/edits";
import { beginSelection } from "@/outing/selection";
import { anOuting } from "../../../test/outings";
import { waysOfView } from "../expose/ways";
import { comparedPictures, otherwise } from "./compared";

const hockey = anOuting("hockey-semi-final");
const { view } = hockey;
const nothingBeside = () => ({ figure: [], beside: [] });

test("elsewhere, with other lenses and at other hours: all but what is in hand, each at its own settings", () => {
  const { positions } = view.outing.ground;
  expect(otherwise(view, "place").map((one) => one.name)).toEqual(
    positions.filter((p) => p.id !== view.position!.id).map((p) => p.name),
  );
  expect(otherwise(view, "lens")).toHaveLength(lensesFor(view.rig!.body, view.bag.lenses).length - 1);
  const hours = otherwise(view, "hour").map((one) => (one.input.scene.at - view.at) / 60_000);
  expect(hours.length).toBeGreaterThan(1);
  expect(hours).not.toContain(0);
  const there = comparedPictures(otherwise(view, "place"), view.outing, nothingBeside);
  expect(there.length).toBeGreaterThan(0);
  for (const one of there) {
    const id = positions.find((p) => p.name === one.name)!.id;
    const from = view.from(id);
    expect([one.name, from?.ok && from.settings.settings.shutter]).toEqual([one.name, one.shutter]);
  }
});

test("the picture of a way out is the one that comes of taking it", () => {
  const at = view.window.until - 30 * 60_000;
  const dusk = hockey.with({ selection: { ...beginSelection(view.outing), minute: { at, live: false } } });
  const ways = waysOfView(dusk.view)!.ways.filter((way) => way.holds);
  expect(ways.length).toBeGreaterThan(1);
  for (const { kind, holds } of ways) {
    const [made] = comparedPictures(
      [{ name: kind, input: { ...dusk.view.input!, locked: holds } }],
      dusk.view.outing,
      nothingBeside,
    );
    const taken = dusk.changed(lockRails(dusk.view.shot.id, holds!)).view;
    expect([kind, made!.shutter]).toEqual([kind, taken.found!.settings.settings.shutter]);
    expect(made!.there.chance).toBeCloseTo(taken.found!.motion.held.chance, 9);
  }
});
