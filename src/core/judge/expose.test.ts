import { demoKit, demoOutings } from "../../../demo";
import { assessed } from "../../../test/assessed";
import { STARTING_SETTINGS } from "../catalogue";
import { evOfClicks } from "../exposure";
import { flickerSwing, modulationFromFrames, swingInStops } from "../motion";
import { sceneAt, type LightPlan } from "../scene";
import {
  aperturePriority,
  flickerFound,
  instantFound,
  keeperCurve,
  lightFor,
  noiseFound,
  oneClick,
  setUpFor,
  shadowEdge,
  startsFor,
  timeline,
  tonesFound,
  whenRight,
  type AssessInput,
} from ".";

const outing = demoOutings[0]!;
const AT = Date.UTC(2026, 9, 17, 13);
const LAMPS = { class: "II" as const, from: AT - 3_600_000, until: AT + 3_600_000 };

function inputOf(
  over: Partial<AssessInput> = {},
  light: LightPlan = { cloudEighths: 0, readings: [] },
): AssessInput {
  return {
    shot: outing.shots[0]!,
    subject: outing.subjects.find((s) => s.id === outing.shots[0]!.subjectId)!,
    position: { id: "s", name: "S", at: { x: 0, y: -60 }, lensHeight: 1.2 },
    rig: { body: demoKit.bodies[0]!, lens: demoKit.lenses[0]!, support: demoKit.supports[0]! },
    scene: sceneAt(outing.ground, light, AT),
    order: ["lift", "aperture", "shutter", "iso"],
    ...over,
  };
}
const withFigure = (figure: NonNullable<AssessInput["subject"]["figure"]>, id = "x") => ({
  ...inputOf().subject,
  id,
  figure,
});

test("a click of the shutter is worth a third, blurs the less for it, and the curve says so too", () => {
  const input = inputOf();
  const answer = assessed(input);
  const clicks = oneClick(input, answer);
  expect(clicks.length).toBeGreaterThanOrEqual(4);
  const ev = evOfClicks(answer.settings.settings);
  for (const { settings, brighter } of clicks) expect(evOfClicks(settings)).toBeCloseTo(ev - brighter / 3, 9);
  const by = (rail: string, n: number) => clicks.find((c) => c.rail === rail && c.by === n)!;
  expect(by("shutter", 1).blurUm).toBeLessThan(by("shutter", -1).blurUm);
  // Noise goes by half a stop for a stop of light: a sixth for a click.
  const { noiseAboveBase } = noiseFound(input, answer, answer.settings.settings.iso);
  expect(by("iso", 1).noise - noiseAboveBase).toBeCloseTo(1 / 6, 9);
  const curve = keeperCurve(input, answer, { from: 15, to: 39 });
  expect(curve).toHaveLength(25);
  expect(by("shutter", 1).chance).toBe(
    curve.find((p) => p.shutter === by("shutter", 1).settings.shutter)!.chance,
  );
  expect(keeperCurve(input, answer, { from: 5, to: 4 })).toEqual([]);
});

test("every starting point speaks of some shot, comes with its own shutter, and walking about is always there", () => {
  const base = inputOf();
  const figures = STARTING_SETTINGS.flatMap((row) => row.figures ?? []);
  const seen = new Set<string>();
  const named = STARTING_SETTINGS.flatMap((row) => row.subjects ?? []);
  const subjects = [
    ...[...new Set(figures)].map((figure) => withFigure(figure)),
    ...named.map((id) => ({ ...base.subject, id })),
  ];
  for (const subject of subjects) {
    const input = { ...base, subject };
    for (const s of startsFor(input, STARTING_SETTINGS)) {
      seen.add(s.start.id);
      expect(2 ** (-s.settings.shutter / 3) / s.start.shutter).toBeGreaterThan(0.89);
      expect(2 ** (-s.settings.shutter / 3) / s.start.shutter).toBeLessThan(1.13);
      expect(s.chance).toBeGreaterThanOrEqual(0);
    }
  }
  for (const intent of ["pan", "reaction", "context"] as const) {
    const input = { ...base, shot: { ...base.shot, intent } };
    const starts = startsFor(input, STARTING_SETTINGS);
    seen.add(starts[0]!.start.id);
    expect(starts.at(-1)!.start.id).toBe("walk-about");
  }
  expect([...seen].sort()).toEqual(STARTING_SETTINGS.map((s) => s.id).sort());
});

test("a ball on the bat is timing and not burst: 2 of 100 at 20 frames a second; a stride is held once a step from ten on", () => {
  const at = (figure: Parameters<typeof withFigure>[0], framesPerSecond: number) => {
    const input = inputOf({
      subject: withFigure(figure),
      rig: {
        ...inputOf().rig,
        body: { ...demoKit.bodies[0]!, framesPerSecond, frameMb: 30, bufferMb: 1200 },
      },
    });
    return instantFound(input, assessed(input), 300);
  };
  expect(at("batting", 20).held).toBeCloseTo(0.02, 9);
  expect(at("batting", 20).frameEvery).toBeCloseTo(0.05, 12);
  expect(at("running", 10).held).toBeCloseTo(1, 9);
  expect(at("jumping", 20).event!.halfWidth * 2).toBeCloseTo(0.1, 2);
  expect(at("jumping", 20).jump!.takeOff).toBeCloseTo(3.4, 1);
  expect(at("running", 20).run).toEqual({ seconds: 4, frames: 80, clearSeconds: 4 });
  expect(at("deer", 20).event).toBeUndefined();
  const bare = inputOf();
  const { framesPerSecond: _, ...body } = bare.rig.body;
  const untold = instantFound({ ...bare, rig: { ...bare.rig, body } }, assessed(bare), undefined);
  expect(untold.held).toBeUndefined();
  expect(untold.run).toBeUndefined();
  expect(untold.frameEvery).toBeUndefined();
});

test("lamps: whole periods show nothing, half a period 64 of 100; two frames give the depth back that made them", () => {
  const input = inputOf({}, { cloudEighths: 8, lamps: LAMPS, readings: [] });
  const found = assessed(input);
  const litBy = (share: number) => {
    const { lux } = found.light;
    return { ...found, light: { ...found.light, lux: { ...lux, lamps: share * lux.total } } };
  };
  const answer = litBy(1);
  const flicker = flickerFound(input, answer, { mainsHz: 50, modulation: 0.6 });
  // Daylight beside the lamps is steady: half of the light swings half as deep.
  const beside = flickerFound(input, litBy(0.5), { mainsHz: 50, modulation: 0.6 });
  expect(beside).toEqual(flickerFound(input, answer, { mainsHz: 50, modulation: 0.3 }));
  expect(flickerFound(input, litBy(0), { mainsHz: 50, modulation: 0.6 }).apart).toBe(0);
  expect(flicker.calm).toContain(20);
  expect(flicker.calm).toContain(17);
  expect(flicker.calm).not.toContain(30);
  expect(flickerFound(input, answer, { mainsHz: 50, modulation: 0 }).apart).toBe(0);
  for (const modulation of [0.1, 0.4, 0.9]) {
    const exposure = 1 / 1000;
    const stopsApart = swingInStops(flickerSwing({ mainsHz: 60, modulation, exposure }));
    const back = modulationFromFrames({ mainsHz: 60, exposure, stopsApart });
    expect(back).toBeCloseTo(modulation, 6);
  }
  expect(modulationFromFrames({ mainsHz: 50, exposure: 1 / 100, stopsApart: 1 })).toBeUndefined();
});

test("a body is set up by what is done: locked where one waits, in pan mode for a pan, off a grey card under lamps", () => {
  const set = (over: Partial<AssessInput>, light?: LightPlan) => {
    const input = inputOf(over, light);
    return setUpFor(input, assessed(input));
  };
  const { shot } = inputOf();
  expect(set({ shot: { ...shot, technique: "tracked" } })).toMatchObject({
    focus: "continuous",
    crossing: "hold-long",
    whiteBalance: "daylight",
  });
  expect(set({ shot: { ...shot, technique: "pre-framed" } })).toMatchObject({
    focus: "on-the-spot",
    crossing: "none",
  });
  expect(set({ shot: { ...shot, technique: "panned" } }).stabiliser).toBe("pan");
  expect(set({ rig: { ...inputOf().rig, support: { id: "t", name: "Tripod", stops: 5 } } }).stabiliser).toBe(
    "off",
  );
  const night = { cloudEighths: 8, lamps: LAMPS, readings: [] };
  const dark = inputOf({}, night);
  const lit = assessed(dark).light.lux;
  // At noon in October lamps are a small share: daylight rules, and no band is feared.
  expect(lit.lamps / lit.total).toBeLessThan(0.2);
  const late = inputOf({
    scene: sceneAt(outing.ground, { ...night, lamps: { ...LAMPS, until: AT + 9e7 } }, AT + 8 * 3_600_000),
  });
  expect(setUpFor(late, assessed(late))).toMatchObject({
    whiteBalance: "grey-card",
    shutterBecause: "bands",
  });
  expect(set({ subject: withFigure("flying") }).area).toMatch(/zone/);
  expect(set({ subject: withFigure("insect") }).area).toBe("point");
});

test("a shadow's edge at noon is stops deep from the sunny side, and holding whites costs faces as holding faces costs whites", () => {
  const answer = assessed(inputOf());
  const edge = shadowEdge(answer)!;
  expect(edge.sunEv).toBeCloseTo(answer.light.modelEv, 6);
  // Sun against a stand's shadow is about three stops (common practice); without walls round it a third less.
  expect(edge.clicks).toBeGreaterThanOrEqual(4);
  expect(edge.clicks).toBeLessThanOrEqual(10);
  const tones = tonesFound(inputOf(), answer)!;
  const [whites, middle, faces] = tones.choices;
  expect(whites!.whitesLost).toBe(0);
  expect(faces!.facesLost).toBe(0);
  expect(whites!.facesLost).toBeGreaterThan(middle!.facesLost);
  expect(faces!.whitesLost).toBeGreaterThan(middle!.whitesLost);
  const dull = inputOf({}, { cloudEighths: 8, readings: [] });
  expect(shadowEdge(assessed(dull))).toBeUndefined();
  expect(tonesFound(dull, assessed(dull))).toBeUndefined();
});

test("settings are right while the light is theirs and at no other time; aperture priority falls short where the movement asks more", () => {
  const light = { cloudEighths: 8, readings: [] };
  const input = inputOf({}, light);
  const answer = assessed(input);
  const day = timeline({
    ...input,
    ground: outing.ground,
    light,
    from: AT,
    until: AT + 4 * 3_600_000,
    step: 300_000,
  });
  // Behind the goal one looks through its net: the light that is right is so much more.
  const ev = lightFor(answer, answer.settings.settings);
  const spans = whenRight(day, ev);
  expect(spans[0]!.from).toBe(AT);
  for (const point of day.points) {
    const right = spans.some((s) => s.from <= point.at && point.at <= s.until);
    expect(right).toBe(Math.abs(point.ev - ev) <= 1 / 6);
  }
  expect(whenRight(day, evOfClicks({ shutter: 39, aperture: 0, iso: 0 }))).toEqual([]);
  const priority = aperturePriority(answer);
  expect(Math.abs(priority.shutter - answer.settings.settings.shutter)).toBeLessThanOrEqual(1);
  expect(priority.shortBelowEv).toBeLessThanOrEqual(answer.light.ev + 1 / 6);
});
