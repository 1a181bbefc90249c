import {
  fromVenue,
  furnitureOf,
  type Ground,
  type Obstacle,
  type Point,
  type Position,
  type Spot,
} from "../ground";
import { mayStand, type Danger, type Guarded } from ".";

const groundOf = (template = "open-ground", more: Partial<Ground> = {}): Ground => {
  const venue = { template, bearing: 0, centre: { x: 0, y: 0 } };
  return {
    anchor: { latitude: 50, longitude: 8, elevation: 100 },
    venue,
    zones: [],
    spots: [],
    tracks: [],
    obstacles: [...furnitureOf(venue)],
    masts: [],
    areas: [],
    positions: [],
    ...more,
  };
};

const spotAt = (x: number, y: number, facing = 0): Spot => ({
  id: "s",
  name: "S",
  at: { x, y },
  aimHeight: 1,
  facing,
  zoneId: "ground",
});

const at = (x: number, y: number, way?: Position["way"]) => ({ at: { x, y }, lensHeight: 1.2, way });

/** The rule at a place, with what it is for. */
const asked = (ground: Ground, guarded: Guarded, position: ReturnType<typeof at>): string => {
  const may = mayStand(ground, guarded, position);
  if (may.rule === "yes" || may.rule === "off-line") return may.rule;
  return `${may.rule}: ${may.peril?.code ?? ("area" in may ? may.area : "")}`;
};

const guard = (spot: Spot, danger: Danger, speed = 0): Guarded => ({ spot, dangers: [danger], speed });

const DISCUS: Danger = { kind: "throw", front: 1.25, reach: 80, behind: "cage" };

describe("throws", () => {
  const ground = groundOf("throwing-sector");
  const circle = guard(spotAt(0, -45), DISCUS);
  test.each([
    ["ahead of the circle, well outside the sector", 30, -30, "never: ahead-of-throw"],
    ["beside it, the cage between, well off it", 12, -45.5, "with-care: near-cage"],
    ["leaning on the cage", 6, -45.5, "never: near-cage"],
    ["behind it, the cage between", 0, -55, "with-care: near-cage"],
    ["in the sector", 0, 0, "never: landing-sector"],
    ["beyond anything that is thrown", 90, -90, "yes"],
  ])("%s", (_where, x, y, rule) => {
    expect(asked(ground, circle, at(x, y))).toBe(rule);
  });

  test("where no cage stands nobody is near the circle at all", () => {
    expect(asked(groundOf("throwing-sector", { obstacles: [] }), circle, at(12, -45.5))).toBe(
      "never: no-cage-between",
    );
  });

  test("a shot is met from behind the rear half, a javelin from off its runway", () => {
    const shot = guard(spotAt(0, 0), { kind: "throw", front: 1.07, reach: 25, behind: "circle" });
    const open = groundOf();
    expect(asked(open, shot, at(0, -5))).toBe("with-care: ahead-of-throw");
    expect(asked(open, shot, at(0, -3))).toBe("never: ahead-of-throw");
    expect(asked(open, shot, at(4, 1))).toBe("never: ahead-of-throw");
    const javelin = guard(spotAt(0, 0), { kind: "throw", front: 2, reach: 100, behind: "arc" });
    expect(asked(open, javelin, at(11, -5))).toBe("yes");
    expect(asked(open, javelin, at(9, -5))).toBe("never: beside-runway");
    expect(asked(open, javelin, at(0, -38))).toBe("never: beside-runway");
    expect(asked(open, javelin, at(0, -41))).toBe("yes");
    expect(asked(open, javelin, at(60, 20))).toBe("never: ahead-of-throw");
  });
});

const wall = (kind: "boards" | "net" | "hedge", [x, y]: readonly [number, number], height = 3): Obstacle => ({
  id: kind,
  name: kind,
  kind,
  outline: [
    { x: x - 10, y: y - 0.1 },
    { x: x + 10, y: y - 0.1 },
    { x: x + 10, y: y + 0.1 },
    { x: x - 10, y: y + 0.1 },
  ],
  height,
});

test("a hard ball: never within 0.7 s of its line without something that stops it, with care behind that and farther out", () => {
  const hit = guard(spotAt(0, 0), { kind: "hard-ball", turn: 0, spread: 25, speed: 30, reach: 60 });
  const rule = (y: number, ...obstacles: Obstacle[]) =>
    asked(groundOf("open-ground", { obstacles }), hit, at(0, y));
  expect(rule(20)).toBe("never: line-of-ball");
  expect(rule(22)).toBe("with-care: line-of-ball");
  expect(rule(61)).toBe("yes");
  expect(rule(-10)).toBe("yes");
  expect(rule(20, wall("net", [0, 15]))).toBe("with-care: line-of-ball");
  expect(rule(20, wall("net", [0, 15], 0.6))).toBe("never: line-of-ball");
  // A hedge stops no ball that one could rely on.
  expect(rule(20, wall("hedge", [0, 15]))).toBe("never: line-of-ball");
  expect(asked(groundOf(), hit, at(10, 15))).toBe("yes");
});

test("beside the lines of a game one keeps two metres, and takes care for a few more", () => {
  const ground = groundOf("football", { leave: ["run-off"], obstacles: [] });
  const play = guard(spotAt(20, 30), { kind: "soft-ball" });
  expect(asked(ground, play, at(35, 0))).toBe("never: beside-play");
  expect(asked(ground, play, at(36.5, 0))).toBe("by-leave: beside-play");
  expect(asked(ground, play, at(39, 0))).toBe("with-care: beside-play");
  expect(asked(ground, play, at(45, 0))).toBe("yes");
});

test("nobody stands where somebody comes down, nor three metres past it, nor two beside it", () => {
  const jump = guard(spotAt(0, 0), { kind: "landing", ahead: 8, half: 1.4 });
  const rule = (x: number, y: number) => asked(groundOf(), jump, at(x, y));
  expect([rule(0, 5), rule(0, 10.9), rule(3.3, 4)]).toEqual(Array(3).fill("never: landing"));
  expect([rule(0, 11.1), rule(3.5, 4), rule(0, -3.1)]).toEqual(["yes", "yes", "yes"]);
});

/** A road that comes from the south and bends to the west. */
const BEND: readonly Point[] = [
  { x: 0, y: -100 },
  { x: 0, y: 0 },
  { x: -70, y: 70 },
];
const CAR: Danger = { kind: "passing", seconds: 3, beside: { straight: 30, inside: 15 } };

test("a car: 3 s on the outside of a bend and straight on, less on the inside, and behind a wall with care", () => {
  const on = (obstacles: Obstacle[] = []) =>
    groundOf("open-ground", { tracks: [{ id: "t", name: "T", points: BEND }], obstacles });
  const car = guard(spotAt(0, 0), CAR, 20);
  const rule = (x: number, y: number) => asked(on(), car, at(x, y));
  expect(rule(25, 20)).toBe("never: outside-bend");
  expect(rule(0, 45)).toBe("never: outside-bend");
  expect(rule(-20, -5)).toBe("yes");
  expect(rule(-12, -5)).toBe("never: beside-track");
  expect(asked(on([wall("boards", [20, 15])]), car, at(25, 30))).toBe("with-care: outside-bend");
});

test("a runner and a bicycle need a metre beside, a horse a second of its way", () => {
  const straight = groundOf("open-ground", {
    tracks: [
      {
        id: "t",
        name: "T",
        points: [
          { x: 0, y: -60 },
          { x: 0, y: 60 },
        ],
      },
    ],
  });
  const runner = guard(
    spotAt(0, 0),
    { kind: "passing", seconds: 0.5, beside: { straight: 1, inside: 1 } },
    6,
  );
  const horse = guard(spotAt(0, 0), { kind: "passing", seconds: 1 }, 17);
  expect([asked(straight, runner, at(0.8, 5)), asked(straight, runner, at(1.2, 5))]).toEqual([
    "never: beside-track",
    "yes",
  ]);
  expect([asked(straight, horse, at(6.2, 5)), asked(straight, horse, at(17.5, 5))]).toEqual([
    "never: beside-track",
    "yes",
  ]);
});

test("an animal keeps its distance from the spot and from the whole of its track; from a hide that it knows, less", () => {
  const wolf = guard(spotAt(0, 0), { kind: "animal", keepOff: 91, nest: "never", known: "us-park-service" });
  const run = [
    {
      id: "t",
      name: "T",
      points: [
        { x: 0, y: 0 },
        { x: 100, y: 0 },
      ],
    },
  ];
  expect(asked(groundOf(), wolf, at(9.9, 0))).toBe("never: animal");
  expect(asked(groundOf(), wolf, at(92, 0))).toBe("yes");
  expect(asked(groundOf("open-ground", { tracks: run }), wolf, at(92, 0))).toBe("never: animal");
  expect(asked(groundOf(), wolf, at(9.9, 0, "hide"))).toBe("yes");
  expect(asked(groundOf(), wolf, at(40, 0, "car"))).toBe("with-care: animal");
});

describe("a nest, a den or a haul-out that is drawn", () => {
  const nest = {
    id: "n",
    name: "N",
    kind: "nest" as const,
    outline: [
      { x: -2, y: -2 },
      { x: -2, y: 2 },
      { x: 2, y: 2 },
      { x: 2, y: -2 },
    ],
  };
  const ground = groundOf("open-ground", { areas: [nest] });
  const small = guard(spotAt(60, 0), {
    kind: "animal",
    keepOff: 4,
    nest: 20,
    known: "common-practice",
  });
  test("is left so far as its own animal asks, and 100 m whatever else is photographed, or nothing", () => {
    expect([asked(ground, small, at(21, 0)), asked(ground, small, at(23, 0))]).toEqual([
      "never: nest",
      "yes",
    ]);
    const runner = guard(spotAt(60, 0), { kind: "soft-ball" });
    expect([asked(ground, runner, at(101, 0)), asked(ground, runner, at(103, 0))]).toEqual([
      "never: nest",
      "yes",
    ]);
    expect(mayStand(ground, undefined, at(50, 0))).toMatchObject({ rule: "never", peril: { least: 100 } });
  });
  test("is never waited at where it is a den, from however far", () => {
    const den: Danger = { kind: "animal", keepOff: 10, nest: "never", known: "common-practice" };
    expect(asked(ground, guard(spotAt(0, 0), den), at(400, 0))).toBe("never: nest");
    expect(asked(ground, guard(spotAt(60, 0), den), at(400, 0))).toBe("yes");
  });
  test("and nobody stands in it", () => {
    expect(mayStand(ground, undefined, at(0, 0))).toEqual({ rule: "never", area: "nest" });
  });
});

test("a rail keeps horses and runners, two metres off it, and no car", () => {
  const rail: Obstacle = {
    id: "r",
    name: "R",
    kind: "rail",
    outline: [
      { x: 8, y: -60 },
      { x: 8, y: 60 },
      { x: 8.1, y: 60 },
      { x: 8.1, y: -60 },
    ],
    height: 1.1,
  };
  const ground = groundOf("open-ground", { obstacles: [rail] });
  const horse = guard(spotAt(0, 0), { kind: "passing", seconds: 1 }, 17);
  const car = guard(spotAt(0, 0), { kind: "passing", seconds: 3, beside: { straight: 30, inside: 15 } }, 40);
  expect([
    asked(ground, horse, at(11, 5)),
    asked(ground, horse, at(9, 5)),
    asked(ground, car, at(11, 5)),
  ]).toEqual(["with-care: beside-track", "never: beside-track", "never: beside-track"]);
});

test("water is waded only by who says so, and what lies outside a hall is never stood on, whatever is photographed", () => {
  const lake = {
    id: "w",
    name: "W",
    kind: "surface" as const,
    surface: "water" as const,
    outline: [-5, 5].flatMap((x) => [
      { x, y: x },
      { x, y: -x },
    ]),
  };
  const ground = groundOf("open-ground", { areas: [lake] });
  expect(mayStand(ground, undefined, at(3, 0))).toEqual({ rule: "never", area: "water" });
  expect(mayStand(ground, undefined, at(3, 0, "in-water"))).toEqual({ rule: "yes" });
});

test("the bearing of a venue turns its dangers with it", () => {
  const venue = { template: "throwing-sector", bearing: 70, centre: { x: 3, y: -8 } };
  const ground = { ...groundOf("throwing-sector"), venue, obstacles: [...furnitureOf(venue)] };
  const spot = { ...spotAt(0, 0, 70), at: fromVenue(venue, { x: 0, y: -45 }) };
  const place = (x: number, y: number) => ({ ...at(0, 0), at: fromVenue(venue, { x, y }) });
  expect(asked(ground, guard(spot, DISCUS), place(12, -45.5))).toBe("with-care: near-cage");
  expect(asked(ground, guard(spot, DISCUS), place(30, -30))).toBe("never: ahead-of-throw");
});

test("the rail of a racecourse is kept off along all of it, wherever the spot is; a wall keeps what comes", () => {
  const horse = guard(spotAt(0, 120, 180), { kind: "passing", seconds: 1 }, 13);
  const course = groundOf("racecourse");
  // 15 m from the middle lies the course's edge, 15.2 m its rail: at the far end of it too.
  for (const y of [120, -150]) {
    expect(asked(course, horse, at(16, y))).toBe("never: beside-track");
    expect(asked(course, horse, at(20, y))).toMatch(/^(yes|with-care)/);
  }
  expect(asked(course, horse, at(5, -150))).toBe("never: course");
  const wall: Obstacle = {
    id: "w",
    name: "Wall",
    kind: "wall",
    outline: [
      { x: 15.1, y: 200 },
      { x: 15.4, y: 200 },
      { x: 15.4, y: -200 },
      { x: 15.1, y: -200 },
    ],
    height: 1.1,
  };
  expect(asked({ ...course, obstacles: [wall] }, horse, at(16.5, -150))).not.toBe("never: beside-track");
});
