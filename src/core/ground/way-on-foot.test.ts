import { planDistance, standingAt, VENUES, wayOnFoot, type Ground, type Point } from ".";

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

/** Nobody walks there, lanes apart, which are crossed. */
const isForbidden = (ground: Ground, at: Point): boolean => {
  const standing = standingAt(ground, at);
  return standing.rule === "never" && standing.area !== "lanes";
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

test("where one is let in, there is a way to it, also when it lies within something that is walked round", () => {
  let reached = 0;
  for (const { id, width, length } of VENUES) {
    const ground = groundOf(id);
    const gate = { x: 0, y: Math.hypot(width, length) };
    for (let x = -width; x <= width; x += width / 6)
      for (let y = -length; y <= length; y += length / 6) {
        const at = { x, y };
        if (standingAt(ground, at).rule !== "by-leave") continue;
        expect([id, x, y, wayOnFoot(ground, gate, at).ok]).toEqual([id, x, y, true]);
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
