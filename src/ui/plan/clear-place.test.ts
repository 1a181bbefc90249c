import { clearTop } from "./clear-place";
import { toScreen } from "./view";

const view = { centre: { x: 0, y: 0 }, pxPerMetre: 10, up: 0, width: 390, height: 480 };

test("the pencil lay over a position at the plan's edge: it stands where it covers none", () => {
  expect(clearTop(view, [], 72)).toBe(72);
  expect(clearTop(view, [{ x: 0, y: 0 }], 72)).toBe(72);
  for (let y = -20; y <= 20; y += 0.5) {
    const edge = { x: 17.5, y };
    const at = clearTop(view, [edge], 72);
    const { top } = toScreen(view, edge);
    expect(top + 22 <= at || top - 44 >= at + 52).toBe(true);
  }
  const wall = Array.from({ length: 60 }, (_, i) => ({ x: 18, y: 24 - i }));
  expect(clearTop(view, wall, 72)).toBe(72);
});
