import { isInside } from "@/core/ground";
import { DEFAULT_PREFERENCES, outingSchema, type Outing, type ProgrammeEvent } from "@/data";
import { demoKit, demoOutings } from "../../../demo";
import { putEvent } from "../edits";
import { judgedFor } from "./coverage-input";
import { keyOfPlace, placeName, placeOfKey, placesOf, spotsAt, takenAt, whereOf } from "./event-places";
import { shotsServing, timedProgramme } from "./event-times";

const base = demoOutings[0]!;
const [first, second] = base.ground.spots as [(typeof base.ground.spots)[0], (typeof base.ground.spots)[0]];
const shot = base.shots[0]!;
const like = base.ground.spots.find((s) => s.id === shot.spotId)!;
/** A straight of 100 m through nobody's spot, and a square of 10 m that holds none, far from everything. */
const ground: Outing["ground"] = {
  ...base.ground,
  tracks: [
    ...base.ground.tracks,
    {
      id: "straight",
      name: "Straight",
      points: [
        { x: 500, y: 500 },
        { x: 550, y: 500 },
        { x: 600, y: 500 },
      ],
    },
  ],
  areas: [
    ...base.ground.areas,
    {
      id: "straight",
      name: "Warm-up",
      kind: "surface",
      outline: [
        { x: 400, y: 400 },
        { x: 410, y: 400 },
        { x: 410, y: 410 },
        { x: 400, y: 410 },
      ],
    },
  ],
};
const outing: Outing = { ...base, ground };
const track = { sort: "track", id: "straight" } as const;
const area = { sort: "area", id: "straight" } as const;
const event = (more: Partial<ProgrammeEvent>): ProgrammeEvent => ({
  id: "e",
  name: "Race",
  at: "17:30",
  minutes: 4,
  calls: [],
  place: track,
  priority: 2,
  setUp: 3,
  ...more,
});
const judged = (more: Partial<ProgrammeEvent>, of = outing) => {
  const one = putEvent(event(more))(of);
  return judgedFor({ outing: one, kit: demoKit, preferences: DEFAULT_PREFERENCES }, timedProgramme(one)[0]!);
};

test("a spot, a track and an area of one id are told apart, and each comes back from its key", () => {
  const places = placesOf(ground);
  expect(new Set(places.map(keyOfPlace)).size).toBe(places.length);
  for (const { sort, id } of places)
    expect(placeOfKey(ground, keyOfPlace({ sort, id }))).toEqual({ sort, id });
  expect([placeName(ground, track), placeName(ground, area)]).toEqual(["Straight", "Warm-up"]);
  expect(placeName(ground, { sort: "spot", id: "gone" })).toBe("");
  expect(placeOfKey(ground, "nowhere")).toBeNull();
});

test("a track has the spots within three metres of it, an area those within it", () => {
  const through = {
    ...ground.tracks.at(-1)!,
    id: "through",
    points: [first.at, { x: first.at.x + 40, y: first.at.y }],
  };
  const about = (half: number) => [
    { x: second.at.x - half, y: second.at.y - half },
    { x: second.at.x + half, y: second.at.y - half },
    { x: second.at.x + half, y: second.at.y + half },
    { x: second.at.x - half, y: second.at.y + half },
  ];
  const round = { ...ground.areas.at(-1)!, id: "round", outline: about(1) };
  const there = { ...ground, tracks: [through], areas: [round] };
  expect(spotsAt(there, { sort: "track", id: "through" })).toContain(first);
  expect(spotsAt(there, { sort: "area", id: "round" })).toContain(second);
  expect(takenAt(there, { sort: "area", id: "round" }, like)).toContain(second);
  expect(spotsAt(ground, track)).toEqual([]);
});

test("a track without spots is taken along it, the way it goes; an area at its middle and about it", () => {
  const along = takenAt(ground, track, like);
  expect(along.map((s) => [s.at.x, s.at.y])).toEqual([510, 530, 550, 570, 590].map((x) => [x, 500]));
  expect(new Set(along.map((s) => s.heading))).toEqual(new Set([90]));
  expect(along.every((s) => s.aimHeight === like.aimHeight && s.zoneId === like.zoneId)).toBe(true);
  const within = takenAt(ground, area, like);
  expect(within.map((s) => [s.at.x, s.at.y])).toContainEqual([405, 405]);
  expect(within).toHaveLength(5);
  const { outline } = ground.areas.at(-1)!;
  expect(within.every((s) => isInside(s.at, outline))).toBe(true);
  expect([whereOf(track), whereOf(area)]).toEqual(["chosen", "anywhere"]);
  expect(new Set([...along, ...within].map((s) => s.id)).size).toBe(10);
});

test("every track and area of the demo is taken somewhere on it, or at the spots that it has", () => {
  let seen = 0;
  for (const { ground: plan, shots } of demoOutings)
    for (const place of placesOf(plan)) {
      const own = plan.spots.find((s) => s.id === shots[0]!.spotId)!;
      const there = takenAt(plan, place, own);
      expect(there.length).toBeGreaterThan(0);
      expect(there.every((s) => Number.isFinite(s.at.x) && Number.isFinite(s.facing))).toBe(true);
      seen++;
    }
  expect(seen).toBeGreaterThan(20);
});

test("an event serves the shots that it names, else those of its place's spots, else none", () => {
  expect(
    shotsServing(outing, { shotIds: [base.shots[1]!.id, "gone"], place: track }).map((s) => s.id),
  ).toEqual([base.shots[1]!.id]);
  const at = { sort: "spot", id: shot.spotId } as const;
  expect(shotsServing(outing, { place: at }).every((s) => s.spotId === shot.spotId)).toBe(true);
  expect(shotsServing(outing, { place: at }).length).toBeGreaterThan(0);
  expect(shotsServing(outing, { place: track })).toEqual([]);
  expect(shotsServing(outing, { place: null })).toEqual([]);
});

test("a track without spots is worth the best of its places, each judged as a spot of its own", () => {
  const beside = { ...base.ground.positions[0]!, id: "beside", at: { x: 585, y: 480 } };
  const alone = { ...ground, positions: [beside] };
  const [found] = judged({}, { ...outing, ground: alone });
  const places = takenAt(ground, track, like).map((s, i) => ({ ...s, id: `at-${i}` }));
  const marked = { ...outing, ground: { ...alone, spots: [...ground.spots, ...places] } };
  const each = places.map((spot) => judged({ place: { sort: "spot", id: spot.id } }, marked)[0]!.worth);
  expect(found!.worth).toBeCloseTo(Math.max(...each), 9);
  expect(Math.max(...each)).toBeGreaterThan(Math.min(...each));
  expect(found!.best[0]!.spotId).toMatch(new RegExp(`:${each.indexOf(Math.max(...each))}$`));
});

test("an event of two shots is worth their mean from each position, one without a place nothing", () => {
  const [one, two] = [base.shots[0]!.id, base.shots[1]!.id];
  const worth = (shotIds: string[]): number[] => judged({ shotIds }).map((j) => j.worth);
  const [a, b, both] = [worth([one]), worth([two]), worth([one, two])];
  expect(both).toHaveLength(base.ground.positions.length);
  both.forEach((w, i) => expect(w).toBeCloseTo((a[i]! + b[i]!) / 2, 9));
  expect(judged({ place: null })).toEqual([]);
  expect(judged({ place: { sort: "track", id: "gone" } })).toEqual([]);
});

test("an event along a track with several shots is kept by the schema", () => {
  const kept = putEvent(event({ shotIds: [base.shots[0]!.id, base.shots[1]!.id] }))(outing);
  expect(outingSchema.safeParse(kept).success).toBe(true);
});
