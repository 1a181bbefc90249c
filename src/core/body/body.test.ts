import fc from "fast-check";
import { FIGURES, reachAlong, shadowSeen, type FigureName, type Solid } from ".";
import { DISCIPLINES, type DisciplineName } from "./disciplines";
import { LENGTHS, posedPerson } from "./person";
import { beyondReach, type PersonPose } from "./pose";
import { outlineOf, waysOf } from "./solid";
import { bodySeen } from "./view";

const NAMES = Object.keys(DISCIPLINES) as DisciplineName[];
const posesOf = (name: DisciplineName): PersonPose[] => DISCIPLINES[name].poses.map((p) => p.pose);
const UPRIGHT: PersonPose = {
  left: { hip: 0, knee: 0 },
  right: { hip: 0, knee: 0 },
  leftArm: { raised: 0, elbow: 0 },
  rightArm: { raised: 0, elbow: 0 },
};
const spanOf = ({ from, to }: Solid): number => Math.hypot(to.x - from.x, to.y - from.y, to.z - from.z);
const toolsIn = (solids: readonly Solid[]): string[] => [
  ...new Set(
    solids.filter((s) => s.part === "tool").map((s) => s.name.replace(/^(left|right) | head$/g, "")),
  ),
];

test("bones are as long as the tables have them (Drillis and Contini 1966, from memory), and who stands upright is one high", () => {
  const { solids } = posedPerson(UPRIGHT);
  const long = (name: string): number => spanOf(solids.find((s) => s.name === name)!);
  for (const [name, length] of [
    ["left thigh", LENGTHS.thigh],
    ["right shank", LENGTHS.shank],
    ["left upper arm", LENGTHS.upperArm],
    ["right forearm", LENGTHS.forearm],
  ] as const)
    expect([name, long(name)]).toEqual([name, expect.closeTo(length, 6)]);
  const { least, most } = reachAlong(solids, { x: 0, y: 0, z: 1 });
  expect(least).toBeCloseTo(0, 9);
  expect(most).toBeCloseTo(1, 1);
  const broad = reachAlong(solids, { x: 0, y: 1, z: 0 });
  expect(broad.most - broad.least).toBeGreaterThan(LENGTHS.shoulders);
});

test("a joint turns its bone the way that it is named: a raised arm points up, an arm aside to its side, a bent knee behind", () => {
  const { solids } = posedPerson({
    ...UPRIGHT,
    leftArm: { raised: 180, elbow: 0 },
    rightArm: { raised: 0, elbow: 0, aside: 90 },
    left: { hip: 90, knee: 0 },
    right: { hip: 0, knee: 90 },
  });
  const way = (name: string) => {
    const { from, to } = solids.find((s) => s.name === name)!;
    const length = Math.hypot(to.x - from.x, to.y - from.y, to.z - from.z);
    return [to.x - from.x, to.y - from.y, to.z - from.z].map((d) => d / length);
  };
  const near = (v: readonly number[]) => v.map((n) => expect.closeTo(n, 6));
  expect(way("left upper arm")).toEqual(near([0, 0, 1]));
  expect(way("right upper arm")).toEqual(near([0, -1, 0]));
  expect(way("left thigh")).toEqual(near([1, 0, 0]));
  expect(way("right shank")).toEqual(near([-1, 0, 0]));
});

test.each(NAMES)(
  "%s: at least three poses that differ, each within what joints reach, its lowest point where it says",
  (name) => {
    const poses = posesOf(name);
    expect(poses.length).toBeGreaterThanOrEqual(3);
    expect(new Set(poses.map((p) => JSON.stringify(p))).size).toBe(poses.length);
    const { tools } = DISCIPLINES[name];
    for (const pose of poses) {
      expect([name, beyondReach(pose)]).toEqual([name, []]);
      const flesh = posedPerson(pose, tools).solids.filter((s) => s.part !== "tool");
      expect(reachAlong(flesh, { x: 0, y: 0, z: 1 }).least).toBeCloseTo(pose.off ?? 0, 9);
    }
  },
);

/** What each discipline carries, as anybody would say it; the rest carries nothing. */
const CARRIES: Partial<Readonly<Record<DisciplineName, readonly string[]>>> = {
  "pole vault": ["pole"],
  "shot put": ["shot"],
  discus: ["discus"],
  hammer: ["hammer"],
  javelin: ["javelin"],
  fencing: ["foil"],
  archery: ["bow"],
  "curling delivery": ["stone", "broom"],
  "curling sweeping": ["broom"],
  "speed skating": ["blade"],
  alpine: ["ski", "pole"],
  tuck: ["ski", "pole"],
  "ski jump": ["ski"],
  "cross-country skiing": ["ski", "pole"],
  freestyle: ["ski"],
  snowboarding: ["snowboard"],
  skateboarding: ["deck"],
  surfing: ["board"],
  "paddle boarding": ["board", "paddle"],
  goalkeeping: ["ball"],
  fielding: ["ball"],
  pitching: ["ball"],
  bowling: ["ball"],
  throwing: ["ball"],
  passing: ["ball"],
  dribbling: ["ball"],
  "jump shot": ["ball"],
  dunk: ["ball"],
  spike: ["ball"],
  dig: ["ball"],
  "shot at a ring": ["ball"],
  "high catch": ["ball"],
  kick: ["ball"],
  header: ["ball"],
  "squatting catch": ["ball"],
  "windmill pitch": ["ball"],
  serve: ["racket", "ball"],
  stroke: ["racket", "ball"],
  smash: ["racket"],
  "net lunge": ["racket"],
  "table tennis": ["bat"],
  batting: ["bat"],
  "cricket batting": ["bat"],
  "golf swing": ["club"],
  "drag flick": ["stick", "ball"],
  "running with a stick": ["stick", "ball"],
  "skating with a stick": ["stick"],
  striking: ["hurley"],
  "lacrosse shot": ["stick"],
  "padded keeping": ["stick"],
};

test("nobody carries what their sport has not, and each what it has; what is thrown has gone at the end", () => {
  for (const name of NAMES) {
    const { tools, poses } = DISCIPLINES[name];
    const carried = toolsIn(poses.flatMap(({ pose }) => posedPerson(pose, tools).solids));
    expect([name, carried.toSorted()]).toEqual([name, [...(CARRIES[name] ?? [])].toSorted()]);
  }
  for (const name of ["javelin", "shot put", "discus", "pitching", "bowling"] as const) {
    const { tools, poses } = DISCIPLINES[name];
    expect([name, toolsIn(posedPerson(poses.at(-1)!.pose, tools).solids)]).toEqual([name, []]);
  }
});

test("no two disciplines share all their poses", () => {
  const all = NAMES.map((name) => JSON.stringify(posesOf(name)));
  expect(new Set(all).size).toBe(NAMES.length);
});

test("the outline of a limb is the shadow of its two balls and all between: no point of any ball outside, none of it far inside", () => {
  const number = (least: number, most: number) => fc.double({ min: least, max: most, noNaN: true });
  const place = fc.record({ x: number(-1, 1), y: number(-1, 1), z: number(-1, 1) });
  fc.assert(
    fc.property(
      place,
      place,
      number(0.01, 0.2),
      number(0.01, 0.2),
      number(0, 360),
      number(0, 90),
      (from, to, fromRadius, toRadius, turn, above) => {
        const ways = waysOf({ turn, above });
        const solid: Solid = { name: "s", part: "limb", from, to, fromRadius, toRadius };
        const outline = outlineOf(solid, ways);
        const flat = ({ x, y, z }: Solid["from"]) =>
          [ways.right, ways.up].map((w) => x * w.x + y * w.y + z * w.z) as [number, number];
        // Along any way of the picture the outline reaches as far as the farther of the two circles.
        for (let k = 0; k < 12; k++) {
          const [c, s] = [Math.cos((k * Math.PI) / 6), Math.sin((k * Math.PI) / 6)];
          const reach = Math.max(...outline.map(([x, y]) => x * c + y * s));
          const [a, b] = [flat(from), flat(to)];
          const asked = Math.max(a[0] * c + a[1] * s + fromRadius, b[0] * c + b[1] * s + toRadius);
          expect(reach).toBeLessThan(asked + 1e-9);
          expect(reach).toBeGreaterThan(asked - 0.02 * Math.max(fromRadius, toRadius) - 1e-9);
        }
      },
    ),
    { numRuns: 200 },
  );
});

test("the ways of a view are square to each other: from the front the left hand is at the right, from above the head is nearest", () => {
  const person = posedPerson({ ...UPRIGHT, leftArm: { raised: 0, elbow: 0, aside: 90 } });
  const at = (name: string, turn: number, above: number): number[] => {
    const seen = bodySeen(person, { turn, above }).solids.find((s) => s.name === name)!;
    const xs = seen.outline.map(([x]) => x);
    return [Math.min(...xs), Math.max(...xs)];
  };
  expect(at("left hand", 0, 0)[0]).toBeGreaterThan(0.2);
  expect(at("left hand", 180, 0)[1]).toBeLessThan(-0.2);
  const above = bodySeen(person, { turn: 0, above: 90 }).solids.map((s) => s.name);
  expect(above.indexOf("head")).toBeGreaterThan(above.indexOf("left foot"));
});

test("of the face as much is seen as it looks this way: all from in front, none from behind, half at sixty degrees", () => {
  const person = posedPerson(UPRIGHT);
  const share = (turn: number, above = 0): number => bodySeen(person, { turn, above }).faceShare;
  expect([share(0), share(60), share(120), share(180)]).toEqual(
    [1, 0.5, 0, 0].map((n) => expect.closeTo(n, 6)),
  );
  expect(share(0, 60)).toBeCloseTo(0.5, 6);
  const looking = posedPerson({ ...UPRIGHT, look: 60 });
  expect(bodySeen(looking, { turn: 0, above: 0 }).faceShare).toBeCloseTo(0.5, 6);
});

test("a pole of one throws its shadow away from the light, as long as the cotangent of its height", () => {
  const pole: Solid = {
    name: "pole",
    part: "tool",
    from: { x: 0, y: 0, z: 0 },
    to: { x: 0, y: 0, z: 1 },
    fromRadius: 1e-4,
    toRadius: 1e-4,
  };
  for (const altitude of [12, 30, 45, 70])
    for (const turn of [0, 35, 90, 200, 300]) {
      // From straight above, the way the body faces points down the picture and its left to the right.
      const [outline] = shadowSeen([pole], { turn, altitude }, { turn: 0, above: 90 });
      const [x, y] = outline!.reduce((far, p) => (Math.hypot(...p) > Math.hypot(...far) ? p : far));
      const length = 1 / Math.tan((altitude * Math.PI) / 180);
      expect(Math.hypot(x, y) / length).toBeCloseTo(1, 2);
      const clockwise = (Math.atan2(-x, -y) * 180) / Math.PI;
      const away = (((clockwise - turn - 180) % 360) + 540) % 360;
      expect(Math.abs(away - 180)).toBeLessThan(2);
    }
});

test("the shadow of a body at the sun's own height reaches as far as its crown asks, and lies on the ground", () => {
  const { solids } = posedPerson(UPRIGHT);
  const outlines = shadowSeen(solids, { turn: 180, altitude: 40 }, { turn: 90, above: 0 });
  const points = outlines.flat();
  expect(Math.max(...points.map(([, y]) => Math.abs(y)))).toBeLessThan(1e-9);
  const reach = Math.max(...points.map(([x]) => x));
  expect(reach / (1 / Math.tan((40 * Math.PI) / 180))).toBeGreaterThan(0.97);
  expect(reach / (1 / Math.tan((40 * Math.PI) / 180))).toBeLessThan(1.12);
});

const BUILT = (Object.keys(FIGURES) as FigureName[]).filter((name) => !(name in DISCIPLINES));

test.each(BUILT)(
  "%s: at least three poses that differ, none a scatter of pieces, its shadow falls from any side",
  (name) => {
    const { names, posed, peak } = FIGURES[name];
    expect(names.length).toBeGreaterThanOrEqual(3);
    expect(peak).toBeLessThan(names.length);
    const shapes = names.map((_, pose) => posed({ pose }));
    expect(new Set(shapes.map((s) => JSON.stringify(s.solids))).size).toBe(names.length);
    for (const { solids, face } of shapes) {
      expect(Math.hypot(face.x, face.y, face.z)).toBeCloseTo(1, 6);
      for (const turn of [0, 90, 200])
        for (const { outline } of bodySeen({ solids, face }, { turn, above: 10 }).solids)
          expect(
            outline.every(
              ([x, y]) => Number.isFinite(x) && Number.isFinite(y) && Math.abs(x) < 9 && Math.abs(y) < 9,
            ),
          ).toBe(true);
      const dry = shadowSeen(solids, { turn: 40, altitude: 30 }, { turn: 90, above: 0 });
      expect(dry).toHaveLength(solids.length);
    }
  },
);

test("what stands on the ground stands on it; what swims shows nothing under the water", () => {
  for (const name of BUILT) {
    const { posed, names } = FIGURES[name];
    names.forEach((_, pose) => {
      const { solids } = posed({ pose, offAtMost: 0 });
      const { least } = reachAlong(solids, { x: 0, y: 0, z: 1 });
      const isWet = solids.some((s) => s.wet);
      if (!isWet)
        expect([name, names[pose], Math.abs(least) < 0.02 || least > 0]).toEqual([name, names[pose], true]);
      else {
        const low = Math.min(
          ...bodySeen(posed({ pose }), { turn: 90, above: 0 }).solids.flatMap((s) =>
            s.outline.map(([, y]) => y),
          ),
        );
        expect([name, names[pose], low > -0.02]).toEqual([name, names[pose], true]);
      }
    });
  }
});

test("the mirror of anybody and what they hold is seen from the other side as it is from this one", () => {
  for (const { posed, peak } of Object.values(FIGURES)) {
    const reach = (mirrored: boolean, turn: number) => {
      const xs = bodySeen(posed({ pose: peak, mirrored }), { turn, above: 12 }).solids.flatMap((s) =>
        s.outline.map(([x]) => x),
      );
      return [Math.min(...xs), Math.max(...xs)] as const;
    };
    const [least, most] = reach(false, 40);
    const there = reach(true, -40);
    expect(there).toEqual([expect.closeTo(-most, 2), expect.closeTo(-least, 2)]);
  }
});

/** What carries or is carried, as anybody would say it. */
const HAS: Partial<Readonly<Record<FigureName, readonly string[]>>> = {
  "water polo": ["ball"],
  rowing: ["blade", "hull", "oar"],
  "canoe slalom": ["hull", "paddle"],
  "canoe sprint": ["hull", "paddle"],
  kitesurfing: ["bar", "board"],
  windsurfing: ["board", "boom", "mast", "sail"],
  dinghy: ["boom", "hull", "jib", "mast", "sail"],
  "road cycling": ["frame", "wheel"],
  "wheelchair basketball": ["ball", "frame", "seat", "wheel"],
  "wheelchair tennis": ["frame", "racket", "seat", "wheel"],
  "wheelchair racing": ["frame", "wheel"],
  polo: ["mallet", "rein", "saddle"],
  dressage: ["rein", "saddle"],
  speedway: ["engine", "wheel"],
  "racing car": ["front wing", "wheel"],
  helicopter: ["blade", "mast", "skid"],
};

test("a bicycle has two wheels and a wheelchair two large ones, a horse four legs and its rider two; nobody rides on nothing", () => {
  for (const [name, things] of Object.entries(HAS)) {
    const { posed, names } = FIGURES[name as FigureName];
    const there = new Set(names.flatMap((_, pose) => posed({ pose }).solids.map((s) => s.name)));
    for (const thing of things) expect([name, thing, there.has(thing)]).toEqual([name, thing, true]);
    for (const sail of ["sail", "hull", "saddle", "wheel", "racket"])
      if (!things.includes(sail)) expect([name, sail, there.has(sail)]).toEqual([name, sail, false]);
  }
  const count = (name: FigureName, solid: string): number =>
    FIGURES[name]
      .posed({ pose: FIGURES[name].peak })
      .solids.filter((s) => s.name === solid && (solid !== "wheel" || s.ring)).length;
  expect(count("road cycling", "wheel")).toBe(2);
  expect(count("wheelchair racing", "wheel")).toBe(3);
  expect(count("rally car", "wheel")).toBe(4);
  // Three bones a leg.
  expect(count("horse racing", "fore leg")).toBe(6);
  expect(count("horse racing", "hind leg")).toBe(6);
  expect(count("horse racing", "left thigh")).toBe(1);
});

test("a bird's wings are highest at the up-stroke and lowest at the down-stroke, level in a glide", () => {
  const { posed, names } = FIGURES["gull flying"];
  const tip = (pose: string): number => {
    const { solids } = bodySeen(posed({ pose: names.indexOf(pose) }), { turn: 0, above: 0 });
    const body = solids.find((s) => s.name === "belly")!.outline.map(([, y]) => y);
    const wing = solids.filter((s) => s.part === "wing").flatMap((s) => [...s.outline]);
    const far = wing.reduce((a, b) => (Math.abs(b[0]) > Math.abs(a[0]) ? b : a));
    return far[1] - Math.max(...body);
  };
  expect(tip("up-stroke")).toBeGreaterThan(0.2);
  expect(tip("down-stroke")).toBeLessThan(-0.1);
  expect(Math.abs(tip("gliding"))).toBeLessThan(0.12);
});

test("a wing before the face hides its eyes, in some strokes and from some sides, and from none while it is folded", () => {
  const hidden = (name: FigureName): { all: number; wing: number } => {
    const figure = FIGURES[name];
    let [all, wing] = [0, 0];
    for (let pose = 0; pose < figure.names.length; pose++)
      for (let turn = 0; turn <= 180; turn += 15)
        for (const above of [-20, 0, 20]) {
          const { eyes } = bodySeen(figure.posed({ pose }), { turn, above });
          expect([name, eyes.length]).not.toEqual([name, 0]);
          all++;
          if (eyes.every((e) => e.hiddenBy) && eyes.some((e) => /wing/.test(e.hiddenBy!))) wing++;
        }
    return { all, wing };
  };
  for (const name of ["gull flying", "eagle", "swan flying"] as const) {
    const { all, wing } = hidden(name);
    expect([name, wing > 0, wing < all / 2]).toEqual([name, true, true]);
  }
  const folded = bodySeen(FIGURES["duck swimming"].posed({ pose: 0 }), { turn: 45, above: 0 });
  expect(folded.eyes.some((e) => !e.hiddenBy)).toBe(true);
  // From behind the head itself hides a person's eyes.
  const person = FIGURES.standing;
  const from = (turn: number) => bodySeen(person.posed({ pose: 0 }), { turn, above: 0 }).eyes;
  expect(from(0).map((e) => e.hiddenBy)).toEqual([undefined, undefined]);
  expect(from(180).every((e) => e.hiddenBy)).toBe(true);
});
