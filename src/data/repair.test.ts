import fc from "fast-check";
import { demoKit, demoOutings } from "../../demo";
import { DEFAULT_PREFERENCES, outingSchema, repair, type Outing } from ".";

const outing = demoOutings[0]!;
const broken = (edit: (outing: any) => void): string => {
  const copy = structuredClone(outing);
  edit(copy);
  return JSON.stringify(copy);
};

test("a year of two figures goes into this century, and everything else stays", () => {
  const mended = repair(
    "outing",
    broken((o) => (o.date = "0026-10-17")),
  );
  expect(mended).toEqual({
    value: outing,
    mends: [{ path: "date", message: "0026-10-17 becomes 2026-10-17" }],
  });
});

test.each<[string, (o: any) => void, (o: Outing) => unknown, unknown]>([
  [
    "a number beyond its range",
    (o) => (o.ground.spots[0].aimHeight = 900),
    (o) => o.ground.spots[0]!.aimHeight,
    300,
  ],
  ["a text too long", (o) => (o.notes = "x".repeat(5000)), (o) => o.notes.length, 4000],
  [
    "a shot of a spot that is gone",
    (o) => (o.shots[3].spotId = "gone"),
    (o) => o.shots.length,
    outing.shots.length - 1,
  ],
  [
    "a second spot of one id",
    (o) => o.ground.spots.push(o.ground.spots[0]),
    (o) => o.ground.spots,
    outing.ground.spots,
  ],
])("%s is mended", (_name, edit, of, wanted) => {
  const mended = repair("outing", broken(edit));
  expect(of(mended!.value)).toEqual(wanted);
  expect(mended!.mends.length).toBeGreaterThan(0);
});

test("what would have to be invented is not mended, and what is no record neither", () => {
  for (const raw of [
    "",
    "[]",
    "null",
    "{}",
    '{"version":99}',
    broken((o) => delete o.ground),
    broken((o) => (o.date = "soon")),
  ])
    expect(repair("outing", raw)).toBeUndefined();
});

test("what is whole comes back as it is; kit and preferences are mended too", () => {
  expect(repair("kit", JSON.stringify(demoKit))).toEqual({ value: demoKit, mends: [] });
  const fast = { ...DEFAULT_PREFERENCES, walkingPace: 80 };
  expect(repair("preferences", JSON.stringify(fast))!.value.walkingPace).toBe(5);
});

/** Every place of a record that holds a value, as a path. */
const places = (value: unknown, path: readonly (string | number)[] = []): (readonly (string | number)[])[] =>
  typeof value !== "object" || value === null
    ? [path]
    : Object.entries(value).flatMap(([key, v]) =>
        places(v, [...path, Array.isArray(value) ? Number(key) : key]),
      );

test("a repair never gives back what the schema refuses, whatever single value is broken", () => {
  const everywhere = places(outing);
  fc.assert(
    fc.property(
      fc.constantFrom(...everywhere),
      fc.oneof(fc.double(), fc.string(), fc.constant(null), fc.constant(undefined)),
      (path, value) => {
        const raw = broken((o) => {
          const holder = path.slice(0, -1).reduce((at, key) => at[key], o);
          holder[path.at(-1)!] = value;
        });
        const mended = repair("outing", raw);
        if (mended) expect(outingSchema.safeParse(mended.value).success).toBe(true);
      },
    ),
    { numRuns: 300 },
  );
});
