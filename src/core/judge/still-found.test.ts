import { demoKit, demoOutings } from "../../../demo";
import { assessed } from "../../../test/assessed";
import { lensOf } from "../ground";
import { sceneAt } from "../scene";
import { SUBJECTS } from "../catalogue";
import { evOfClicks } from "../exposure";
import { aperturePriority, lightFor, stillFound, type AssessInput } from ".";

const outing = demoOutings[0]!;
const butterfly = SUBJECTS.find((s) => s.id === "butterfly-wind")!;
const ground = { ...outing.ground, obstacles: [] };
/** A butterfly on a stem half a metre before a 100 mm lens that holds 1:1. */
const near = (over: Partial<AssessInput> = {}): AssessInput => ({
  shot: {
    ...outing.shots[0]!,
    intent: "still",
    technique: "pre-framed",
    holdPartId: "body",
    subjectId: butterfly.id,
    spotId: "flower",
    fill: 0.4,
  },
  subject: butterfly,
  position: { id: "here", name: "Here", at: { x: 0, y: -0.5 }, lensHeight: 0.5 },
  rig: {
    body: demoKit.bodies[0]!,
    lens: {
      ...demoKit.lenses[0]!,
      id: "near",
      minFocalLengthMm: 100,
      maxFocalLengthMm: 100,
      widest: 2.8,
      closestFocus: 0.3,
      stabiliserStops: 3,
    },
    support: { id: "hand", name: "Hand", stops: 0 },
  },
  scene: sceneAt(
    {
      ...ground,
      spots: [
        {
          id: "flower",
          name: "Flower",
          at: { x: 0, y: 0 },
          aimHeight: 0.5,
          facing: 90,
          zoneId: ground.zones[0]!.id,
        },
      ],
    },
    { cloudEighths: 8, readings: [] },
    Date.UTC(2026, 5, 21, 11),
  ),
  order: ["lift", "aperture", "shutter", "iso"],
  ...over,
});

test("by hand the slowest shutter is one over the focal length per circle of tolerance, and each stop of steadiness doubles it", () => {
  const input = near();
  const found = assessed(input);
  const still = stillFound(input, found, [
    { id: "bean", name: "Beanbag", stops: 2 },
    { id: "hand", name: "Hand", stops: 0 },
  ]);
  expect(still.steady.map((s) => s.id)).toEqual(["hand", "stabiliser", "bean"]);
  // 1/f blurs 28.8 µm (common practice): the tolerance is so much of that.
  expect(still.steady[0]!.slowest).toBeCloseTo(found.motion.held.toleranceUm / 28.8 / 100, 6);
  expect(still.steady[1]!.slowest / still.steady[0]!.slowest).toBeCloseTo(8, 6);
  expect(still.steady[2]!.slowest / still.steady[0]!.slowest).toBeCloseTo(32, 6);
});

test("a stem's sway of 0.06 m/s at half a metre limits the shutter whatever holds the camera; at rest nothing does", () => {
  const input = near();
  const found = assessed(input);
  const still = stillFound(input, found, []);
  const away = lensOf(input.scene.ground, input.position);
  expect(away.z).toBeCloseTo(0.5, 6);
  // 100 mm focused at 0.5 m draws 250 mm on the sensor for a metre (thin lens: f/(s − f)).
  expect(found.motion.held.toleranceUm / (0.06 * 250_000)).toBeCloseTo(still.sway!, 6);
  const rests = near({ subject: { ...butterfly, bob: 0 } });
  expect(stillFound(rests, assessed(rests), []).sway).toBeUndefined();
});

test("so near the light lost and the drift that stays sharp are those of the handbook", () => {
  const input = near();
  const found = assessed(input);
  const { bellowsStops, smaller, drift } = stillFound(input, found, []);
  expect(smaller).toBeCloseTo(4, 6);
  // 1:4 loses 0.64 of a stop.
  expect(bellowsStops).toBeCloseTo(0.64, 2);
  const { near: from, far } = found.sighting.depth;
  expect(drift).toBeCloseTo(Math.min(0.5 - from, (far as number) - 0.5), 9);
  expect(drift).toBeLessThan(0.02);
});

test("what close focus takes counts in when settings are right and what aperture priority gives", () => {
  const input = near();
  const found = assessed(input);
  const { settings } = found.settings;
  // 1:4 loses 0.64 of a stop: the light is so much brighter than the settings by themselves say.
  expect(lightFor(found, settings) - evOfClicks(settings)).toBeCloseTo(0.64, 2);
  expect(Math.abs(lightFor(found, settings) - found.light.ev)).toBeLessThan(0.34);
  expect(aperturePriority(found).shutter).toBe(
    Math.round(3 * (found.light.ev - 0.644) + settings.iso - settings.aperture),
  );
});
