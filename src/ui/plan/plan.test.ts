import fc from "fast-check";
import { labelWidth, overlaps, placeLabels } from "./labels";
import { hitTest } from "./usePlanGestures";
import { fitView, panFromTo, screenDistance, toPlan, toScreen, zoomAt, type PlanView } from "./view";

const view: PlanView = { centre: { x: 3, y: -8 }, pxPerMetre: 4.5, up: 8, width: 390, height: 480 };
const px = fc.double({ min: 0, max: 480, noNaN: true });
const screen = fc.record({ left: px, top: px });

test("metres to px and back", () => {
  fc.assert(
    fc.property(screen, (at) => {
      const back = toScreen(view, toPlan(view, at));
      expect(back.left).toBeCloseTo(at.left, 8);
      expect(back.top).toBeCloseTo(at.top, 8);
    }),
  );
});

test("the plan is to scale in every direction, and its up-bearing points up", () => {
  const a = toScreen(view, { x: 0, y: 0 });
  const north = toScreen({ ...view, up: 0 }, { x: 3, y: 2 });
  expect(screenDistance(a, toScreen(view, { x: 30, y: 40 }))).toBeCloseTo(50 * 4.5, 8);
  expect(north).toEqual({ left: 195, top: 240 - 10 * 4.5 });
});

test("zooming holds the place under the finger, panning carries it along", () => {
  fc.assert(
    fc.property(screen, screen, fc.double({ min: 0.3, max: 3, noNaN: true }), (at, to, factor) => {
      const held = toPlan(view, at);
      const zoomed = toScreen(zoomAt(view, at, factor), held);
      expect(screenDistance(zoomed, at)).toBeLessThan(1e-6);
      expect(screenDistance(toScreen(panFromTo(view, at, to), held), to)).toBeLessThan(1e-6);
    }),
  );
});

test("a fitted view shows every point inside its margins and touches two of them", () => {
  const point = fc.record({ x: fc.integer({ min: -90, max: 90 }), y: fc.integer({ min: -90, max: 90 }) });
  const margins = { left: 46, right: 30, top: 40, bottom: 20 };
  fc.assert(
    fc.property(
      fc.array(point, { minLength: 3, maxLength: 20 }),
      fc.integer({ min: 0, max: 359 }),
      (points, up) => {
        const fitted = fitView(points, { width: 390, height: 480 }, up, margins);
        const seen = points.map((p) => toScreen(fitted, p));
        for (const p of seen) {
          expect(p.left).toBeGreaterThan(46 - 1e-6);
          expect(p.left).toBeLessThan(360 + 1e-6);
          expect(p.top).toBeGreaterThan(40 - 1e-6);
          expect(p.top).toBeLessThan(460 + 1e-6);
        }
      },
    ),
  );
});

const handle = (id: string, x: number, y: number) => ({ id, at: { x, y }, movable: true, lift: 0 });

test("a press takes the nearest handle within its tolerance, and coarse pointers reach farther", () => {
  const flat = { ...view, up: 0, centre: { x: 0, y: 0 }, pxPerMetre: 1 };
  const handles = [handle("a", 0, 0), handle("b", 25, 0)];
  const at = { left: 195 + 15, top: 240 };
  expect(hitTest(flat, handles, at, 22)?.id).toBe("b");
  expect(hitTest(flat, handles, { left: 195 - 30, top: 240 }, 22)).toBeUndefined();
  expect(hitTest(flat, handles, { left: 195 - 30, top: 240 }, 34)?.id).toBe("a");
});

test("no label covers another, a taken box or the frame's edge", () => {
  const frame = { left: 0, top: 0, width: 390, height: 480 };
  const wish = fc.record({
    at: screen,
    words: fc.constantFrom("Drag flick", "North goal", "A"),
    clear: fc.integer({ min: 2, max: 20 }),
  });
  fc.assert(
    fc.property(fc.array(wish, { maxLength: 12 }), (wishes) => {
      const taken = [{ left: 100, top: 100, width: 60, height: 60 }];
      const placed = placeLabels(
        wishes.map((w, i) => ({ ...w, id: String(i) })),
        taken,
        frame,
        14,
      );
      placed.forEach((label, i) => {
        expect(label.left).toBeGreaterThanOrEqual(0);
        expect(label.left + label.width).toBeLessThanOrEqual(390);
        for (const other of [...taken, ...placed.slice(i + 1)]) expect(overlaps(label, other)).toBe(false);
      });
    }),
  );
});

test("a label that must be there covers a taken box where nothing else is free, though never another label", () => {
  const frame = { left: 0, top: 0, width: 390, height: 480 };
  const taken = [frame];
  const wish = { at: { left: 200, top: 200 }, words: "1, 3–6", clear: 6 };
  const place = (must: boolean) =>
    placeLabels(
      ["a", "b"].map((id) => ({ ...wish, id, must })),
      taken,
      frame,
      14,
    );
  expect(place(false)).toEqual([]);
  const placed = place(true);
  expect(placed).toHaveLength(2);
  expect(overlaps(placed[0]!, placed[1]!)).toBe(false);
});

test("a lone label in the open is placed, right under its mark", () => {
  const frame = { left: 0, top: 0, width: 390, height: 480 };
  const [label] = placeLabels(
    [{ id: "a", at: { left: 200, top: 200 }, words: "Goal", clear: 10 }],
    [],
    frame,
    14,
  );
  expect(label).toMatchObject({ top: 210, left: 200 - labelWidth("Goal", 14) / 2 });
});
