import { apertureFNumber, isoSpeed, shutterSeconds } from "@/core/exposure";
import { FUNCTIONS } from "@/core/figures";
import { SUBJECTS } from "@/core/catalogue";
import { blurModelOf, EVEN_SHARE, reasonsOf, weightsFor, type ReasonNumbers } from "@/core/judge";
import { NIGHT_LUX } from "@/core/scene";
import { demoOutings } from "../../../demo";
import { BAGS, fromNothing, looked } from "../../../test/outings";
import { explain, EXPLAINED, shownAt, type Explained, type Shown } from "./explain";
import { workedAgain, type Figure } from "./figure";

/** Every figure of a sum, the pressed one first; one that goes into several others comes once. */
function figuresOf(figure: Figure, met = new Set<Figure>()): Set<Figure> {
  if (met.has(figure)) return met;
  met.add(figure);
  for (const of of Object.values(figure.of)) if (of.kind === "figure") figuresOf(of, met);
  return met;
}

/** Every number that was chosen, measured or stands in a catalogue, as the question holds them. */
function givenIn(value: unknown, into = new Set<number>()): Set<number> {
  if (typeof value === "number") into.add(value);
  else if (typeof value === "object" && value) Object.values(value).forEach((v) => givenIn(v, into));
  return into;
}

/** Walks every sum of a view: each figure comes out of its function again, and what ends a sum stands in the question. */
function walk(view: Shown): number {
  if (!view.input) return 0;
  const { shot, rig, locked, lightTurn, walk, weights = weightsFor(shot.intent) } = view.input;
  const chosen = givenIn([shot, rig, locked, lightTurn, walk, weights, NIGHT_LUX, EVEN_SHARE, 0]);
  const figures = new Set<Figure>();
  for (const which of EXPLAINED) {
    const pressed = explain(view, which);
    if (!pressed) continue;
    const known = new Set(figures);
    for (const figure of figuresOf(pressed, figures)) {
      if (known.has(figure)) continue;
      const again = workedAgain(figure);
      const same =
        again === figure.value || Math.abs(again - figure.value) <= 1e-9 * Math.max(1, Math.abs(again));
      expect({ which, by: figure.by, again, value: figure.value, same }).toEqual({
        which,
        by: figure.by,
        again,
        value: figure.value,
        same: true,
      });
      const parts = Object.values(figure.of);
      for (const part of parts)
        if (part.kind === "given")
          expect([which, figure.by, part.value, chosen.has(part.value)]).toEqual([
            which,
            figure.by,
            part.value,
            true,
          ]);
      expect([figure.by, parts.length > 0]).toEqual([figure.by, true]);
      if (FUNCTIONS[figure.by].kind === "formula")
        expect([figure.by, parts.some((p) => p.kind === "whole")]).toEqual([figure.by, false]);
    }
  }
  return figures.size;
}

test("every figure of the demo's shots that can be pressed comes out of its function again, step by step", () => {
  let walked = 0;
  for (const outing of demoOutings)
    for (const { id } of outing.shots) {
      const { view } = looked(outing).shot(id);
      walked += walk(view);
      for (const position of outing.ground.positions)
        walked += walk(shownAt(view, { positionId: position.id }));
    }
  expect(walked).toBeGreaterThan(1000);
});

test("and so does every figure of an outing from nothing of each subject, whatever the bag", () => {
  let walked = 0;
  SUBJECTS.forEach(({ id }, i) => {
    const { kit } = BAGS[i % BAGS.length]!;
    walked += walk(looked(fromNothing(id, {}, kit), kit).view);
  });
  expect(walked).toBeGreaterThan(5000);
});

test("what the card says is what is explained: the three settings are the field card's own", () => {
  for (const outing of demoOutings) {
    const { view } = looked(outing);
    const { settings } = view.found!.settings;
    expect(explain(view, "shutter")!.of).toMatchObject({ clicks: { value: settings.shutter } });
    expect(explain(view, "aperture")!.of).toMatchObject({ clicks: { value: settings.aperture } });
    expect(explain(view, "iso")!.of).toMatchObject({ clicks: { value: settings.iso } });
  }
});

test("the blur that was opened was another than the one that is said: each figure opens to the number of its panel", () => {
  let unmended = 0;
  SUBJECTS.forEach(({ id }, i) => {
    const { kit } = BAGS[i % BAGS.length]!;
    const { view } = looked(fromNothing(id, {}, kit), kit);
    const { found } = view;
    if (!found) return;
    const { held, budget } = found.motion;
    if (held.blurUm !== budget.totalUm) unmended++;
    const { frame, partSize, heightAngle, bearing } = found.sighting;
    const { lux } = found.light;
    const { body } = found.motion;
    // As the reasons say them.
    const told = Object.fromEntries(
      Object.values(reasonsOf(view.input!, found))
        .flat()
        .map(({ code, numbers }) => [code, numbers]),
    ) as Partial<ReasonNumbers>;
    const slowest = blurModelOf(view.input!, found).slowestExposure(found.settings.settings.aperture);
    const px = (um: number): number => um / found.motion.deliveredPixelUm;
    const said: Record<Explained, number | undefined> = {
      bearing,
      heightAngle,
      partSize,
      frameAcross: frame.frameAcross,
      frameUp: frame.frameUp,
      magnification: frame.magnification,
      keptPx: frame.keptLongEdgePx,
      evInCloud: found.light.evInCloud,
      exposedEv: told["exposed-for-sky"]?.ev ?? found.light.ev,
      lux: lux.total,
      sunLux: lux.sun,
      skyLux: lux.sky,
      groundLux: lux.ground,
      moonLux: lux.moon,
      lampsLux: lux.lamps,
      lost: found.settings.lostStops,
      closeUpLoss: 2 * Math.log2(1 + frame.magnification),
      nettingLoss: told["netting-takes"]?.stops ?? 0,
      glassLoss: told["glass-takes"]?.stops ?? 0,
      heldSpeed: told["part-speed"]!.speed,
      imageSpeed: told["part-speed"]!.speed * body.umPerMetre,
      slowest: typeof slowest === "number" ? slowest : undefined,
      streakExposure: told["streak-drawn"]?.seconds,
      blurPx: px(held.blurUm),
      tolerancePx: px(held.toleranceUm),
      filter: found.settings.filterStops,
      widest: told["lens-widest"]!.fNumber,
      diffraction: told["diffraction-from"]!.fNumber,
      depthFNumber: found.settings.depth.fNumber,
      shutter: shutterSeconds(found.settings.settings.shutter),
      aperture: apertureFNumber(found.settings.settings.aperture),
      iso: isoSpeed(found.settings.settings.iso),
      ev: found.light.ev,
      distance: found.sighting.distance,
      fill: found.sighting.fill,
      blur: held.blurUm,
      chance: held.chance,
      near: found.sighting.depth.near,
      far: found.sighting.depth.far === "unbounded" ? undefined : found.sighting.depth.far,
      softness:
        found.sighting.background.smoothness === "plain" ? undefined : found.sighting.background.smoothness,
      kept: found.sighting.frame.kept,
      focalLength: found.sighting.frame.focalLengthMm,
      tolerance: held.toleranceUm,
      score: found.score.value,
    };
    const opened = Object.fromEntries(EXPLAINED.map((which) => [which, explain(view, which)?.value]));
    expect([id, opened]).toEqual([id, said]);
  });
  expect(unmended).toBeGreaterThan(0);
});
