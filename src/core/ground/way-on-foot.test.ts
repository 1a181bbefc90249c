import {
  crossingsOn,
  fromVenue,
  planDistance,
  standingAt,
  VENUES,
  wayOnFoot,
  type Ground,
  type Point,
} from ".";
import { isInside } from "./polygon";
import { LEAVE_KINDS } from "./venues";

const groundOf = (template: string, more: Partial<Ground> = {}): Ground => ({
  anchor: { latitude: 50, longitude: 8, elevation: 100 },
  venue: { template, centre: { x: 0, y: 0 }, bearing: 30 },
  areas: [],
  obstacles: [],
  masts: [],
  tracks: [],
  spots: [],
  positions: [],
  zones: [],
  ...more,
});

/** Points half a metre apart along a way, its ends left out. */
const along = (way: readonly Point[]): Point[] =>
  way.slice(1).flatMap((to, i) => {
    const from = way[i]!;
    const steps = Math.ceil(planDistance(from, to) * 2);
    return Array.from({ length: steps }, (_, k) => ({
      x: from.x + ((k + 0.5) / steps) * (to.x - from.x),
      y: from.y + ((k + 0.5) / steps) * (to.y - from.y),
    }));
  });

const onPath = ({ areas }: Ground, at: Point): boolean =>
  areas.some((a) => a.kind === "path" && isInside(at, a.outline));

/** Nobody walks there: the field of play, water, lanes but for where they are crossed, and what is by leave that was not given. */
const isForbidden = (ground: Ground, at: Point): boolean => {
  const { rule, area } = { area: undefined, ...standingAt(ground, at) };
  if (rule === "by-leave" || (rule === "never" && (area === "lanes" || area === "course")))
    return !onPath(ground, at);
  return rule === "never";
};

test("a way leads round the field of play and the water of every venue, never through it", () => {
  let [walked, longer] = [0, 0];
  for (const { id, width, length, hall } of VENUES) {
    const ground = groundOf(id);
    const reach = Math.hypot(width, length) / 2 + 12 + (hall ? 0 : 20);
    const ends = [0, 90, 180, 270].map((bearing) => {
      const radians = ((bearing + 30) * Math.PI) / 180;
      return { x: reach * Math.sin(radians), y: reach * Math.cos(radians) };
    });
    for (const [i, from] of ends.entries())
      for (const to of ends.slice(i + 1)) {
        if (isForbidden(ground, from) || isForbidden(ground, to)) continue;
        const found = wayOnFoot(ground, from, to);
        expect([id, found.ok]).toEqual([id, true]);
        if (!found.ok) continue;
        expect([id, along(found.value.way).filter((p) => isForbidden(ground, p))]).toEqual([id, []]);
        if (found.value.metres > planDistance(from, to) + 0.1) longer++;
        walked++;
      }
  }
  expect(walked).toBeGreaterThan(5 * VENUES.length);
  expect(longer).toBeGreaterThan(VENUES.length);
});

test("one walks along a way through what nobody walks on", () => {
  const mole = wayOnFoot(
    groundOf("harbour"),
    fromVenue(groundOf("harbour").venue, { x: 30, y: -40 }),
    fromVenue(groundOf("harbour").venue, { x: 30, y: 35 }),
  );
  expect(mole).toMatchObject({ ok: true });
  if (mole.ok) expect(mole.value.metres).toBeCloseTo(75, 0);
});

test("where one is let in, there is a way to it, also when it lies within something that is walked round", () => {
  let reached = 0;
  for (const { id, width, length } of VENUES) {
    const bare = groundOf(id);
    const ground = { ...bare, leave: LEAVE_KINDS, areas: crossingsOn(bare.venue) };
    const gate = { x: 0, y: Math.hypot(width, length) };
    for (let x = -width; x <= width; x += width / 6)
      for (let y = -length; y <= length; y += length / 6) {
        const at = { x, y };
        if (standingAt(ground, at).rule !== "granted") continue;
        expect([id, x, y, wayOnFoot(ground, gate, at)]).toMatchObject([id, x, y, { ok: true }]);
        expect(wayOnFoot(bare, gate, at)).toEqual({ ok: false, reason: "needs-leave" });
        reached++;
      }
  }
  expect(reached).toBeGreaterThan(100);
});

test("a pond that somebody drew is walked round as well", () => {
  const [from, to] = [
    { x: -40, y: 0 },
    { x: 40, y: 0 },
  ];
  const outline = [
    { x: -10, y: -15 },
    { x: 10, y: -15 },
    { x: 10, y: 15 },
    { x: -10, y: 15 },
  ];
  const open = groundOf("open-ground");
  const pond: Ground = {
    ...open,
    areas: [{ id: "pond", name: "Pond", kind: "surface", surface: "water", outline }],
  };
  expect(wayOnFoot(open, from, to)).toMatchObject({ value: { metres: 80 } });
  const round = wayOnFoot(pond, from, to);
  expect(round.ok && round.value.metres).toBeGreaterThan(85);
  expect(round.ok && along(round.value.way).filter((p) => standingAt(pond, p).rule === "never")).toEqual([]);
});

test("from one side of a pool to the other one walks round its end", () => {
  const template = VENUES.find((v) => v.id.includes("pool"))!;
  const ground = groundOf(template.id, {
    venue: { template: template.id, centre: { x: 0, y: 0 }, bearing: 0 },
    leave: ["pool-deck"],
  });
  const side = template.width / 2 + 1;
  const found = wayOnFoot(ground, { x: -side, y: 0 }, { x: side, y: 0 });
  // Along the half of its length and back, half a metre clear of the corner.
  const [dx, dy] = [0.5, template.length / 2 + 0.5];
  expect(found.ok && found.value.metres).toBeCloseTo(2 * Math.hypot(dx, dy) + template.width + 1, 0);
});

test("a way is the same whatever was asked of that ground before, and as long back as there", () => {
  let compared = 0;
  for (const { id, width, length } of VENUES) {
    const ground = groundOf(id);
    const at = (x: number, y: number): Point => ({ x: x * width, y: y * length });
    const ends = [at(0.8, 0.9), at(-0.9, 0.7), at(-0.8, -0.9), at(0.2, 0), at(0.9, -0.7)];
    for (const from of ends)
      for (const to of ends) {
        const [again, alone, back] = [
          wayOnFoot(ground, from, to),
          wayOnFoot({ ...ground }, from, to),
          wayOnFoot(ground, to, from),
        ];
        expect([id, again]).toEqual([id, alone]);
        if (!again.ok || !back.ok) continue;
        expect(back.value.metres).toBeCloseTo(again.value.metres, 6);
        compared++;
      }
  }
  expect(compared).toBeGreaterThan(5 * VENUES.length);
});

const STADIUM = groundOf("athletics-400", {
  venue: { template: "athletics-400", centre: { x: 0, y: 0 }, bearing: 0 },
});
const INFIELD = { x: -20, y: -35 };
const STAND = { x: 65, y: 20 };

test("a way ran through both sets of lanes: it leads over a crossing that is drawn, by leave, or there is none", () => {
  const leave = { ...STADIUM, leave: ["infield"] as const };
  expect(wayOnFoot(STADIUM, STAND, INFIELD)).toEqual({ ok: false, reason: "needs-leave" });
  expect(wayOnFoot(leave, STAND, INFIELD)).toEqual({ ok: false, reason: "no-way" });
  const crossed = { ...leave, areas: crossingsOn(STADIUM.venue) };
  const found = wayOnFoot(crossed, STAND, INFIELD);
  expect(found).toMatchObject({ ok: true, value: { over: [{ name: "Crossing, near bend" }] } });
  if (!found.ok) return;
  expect(along(found.value.way).filter((p) => isForbidden(crossed, p))).toEqual([]);
  expect(found.value.metres).toBeGreaterThan(planDistance(STAND, INFIELD) + 20);
});

test("round a track outside nothing is crossed, and none is named", () => {
  const crossed = { ...STADIUM, areas: crossingsOn(STADIUM.venue) };
  const found = wayOnFoot(crossed, STAND, { x: -65, y: 20 });
  expect(found).toMatchObject({ ok: true, value: { over: [] } });
  expect(found.ok && along(found.value.way).filter((p) => isForbidden(crossed, p))).toEqual([]);
});

const COURSE = {
  id: "course",
  name: "Course",
  kind: "course",
  speed: 9,
  points: [
    { x: -50, y: 0 },
    { x: 50, y: 0 },
  ],
} as const;
const over = (x: number, half = 2) => ({
  id: `crossing-${x}`,
  name: `Crossing at ${x}`,
  kind: "path" as const,
  outline: [
    { x: x - half, y: -5 },
    { x: x + half, y: -5 },
    { x: x + half, y: 5 },
    { x: x - half, y: 5 },
  ],
});
const [SOUTH, NORTH] = [
  { x: 0, y: -20 },
  { x: 0, y: 20 },
];

test("a course in use is crossed at the nearer crossing, else walked round; a slow one, a flight and play are no matter", () => {
  const open = groundOf("open-ground");
  const course = { ...open, tracks: [COURSE] };
  const round = wayOnFoot(course, SOUTH, NORTH);
  expect(round.ok && round.value.metres).toBeGreaterThan(2 * Math.hypot(50, 20));
  const crossed = wayOnFoot({ ...course, areas: [over(30), over(-10)] }, SOUTH, NORTH);
  expect(crossed).toMatchObject({ ok: true, value: { over: [{ name: "Crossing at -10" }] } });
  // By hand: to the corner a quarter of a metre within the crossing, along it as far as the course is kept clear of, and back.
  expect(crossed.ok && crossed.value.metres).toBeGreaterThan(2 * Math.hypot(8.25, 20) - 0.1);
  expect(crossed.ok && crossed.value.metres).toBeLessThan(2 * Math.hypot(8.25, 15.25) + 9.5 + 0.1);
  for (const track of [
    { ...COURSE, speed: 1.2 },
    { ...COURSE, kind: "flight" as const },
    { ...COURSE, kind: "play" as const },
  ])
    expect(wayOnFoot({ ...open, tracks: [track] }, SOUTH, NORTH)).toMatchObject({ value: { metres: 40 } });
});

test("a course that closes on itself lets nobody out without a crossing", () => {
  const ring = Array.from({ length: 41 }, (_, i) => ({
    x: 60 * Math.cos((i * Math.PI) / 20),
    y: 40 * Math.sin((i * Math.PI) / 20),
  }));
  const closed = groundOf("open-ground", { tracks: [{ ...COURSE, points: ring }] });
  const far = { x: 0, y: 90 };
  expect(wayOnFoot(closed, SOUTH, far)).toEqual({ ok: false, reason: "no-way" });
  const path = { ...over(0), outline: over(0).outline.map(({ x, y }) => ({ x, y: y + 40 })) };
  expect(wayOnFoot({ ...closed, areas: [path] }, SOUTH, far)).toMatchObject({
    ok: true,
    value: { over: [path] },
  });
});

test("up a stand there is a way, though one stands within it; through a wall there is none", () => {
  const outline = [
    { x: 5, y: -5 },
    { x: 15, y: -5 },
    { x: 15, y: 5 },
    { x: 5, y: 5 },
  ];
  const from = { x: 0, y: 0 };
  const up = { x: 10, y: 0 };
  const stand = { id: "stand", name: "Stand", kind: "stand" as const, outline, height: 6 };
  const ground = groundOf("open-ground", { obstacles: [stand] });
  expect(wayOnFoot(ground, from, up)).toMatchObject({ value: { metres: 10 } });
  const past = wayOnFoot(ground, from, { x: 20, y: 0 });
  expect(past.ok && past.value.metres).toBeGreaterThan(21);
  const wall = { ...ground, obstacles: [{ ...stand, kind: "wall" as const }] };
  expect(wayOnFoot(wall, from, up)).toEqual({ ok: false, reason: "inside-obstacle" });
});
