import fc from "fast-check";
import { demoKit, demoOutings } from "../../demo";
import { DEFAULT_PREFERENCES, kitSchema, outingSchema, windowOf, type Outing, type StoredKit } from "@/data";
import { librarySchema, preferencesSchema } from "@/data/schema";
import { createAssessments } from "./assessments";

type Path = readonly (string | number)[];
/** The parts of a schema that are looked at here. */
interface Node {
  readonly def: {
    readonly type: string;
    readonly shape?: Readonly<Record<string, Node>>;
    readonly element?: Node;
    readonly innerType?: Node;
    readonly in?: Node;
    readonly options?: readonly Node[];
    readonly items?: readonly Node[];
    readonly checks?: readonly { readonly _zod: { readonly def: Check } }[];
  };
  readonly safeParse: (value: unknown) => { readonly success: boolean };
}
interface Check {
  readonly check: string;
  readonly value?: number;
  readonly inclusive?: boolean;
}

/** What a schema asks of the value at its own place, without what stands about it. */
function bare(schema: Node): Node {
  const { type, innerType, in: input } = schema.def;
  const inner = type === "pipe" ? input : innerType;
  return inner ? bare(inner) : schema;
}

/** The members of a schema, each with its key. */
function membersOf({ def }: Node): [string | number, Node][] {
  if (def.shape) return Object.entries(def.shape);
  if (def.element) return [[0, def.element]];
  return (def.items ?? def.options ?? []).map((item, i) => [i, item]);
}

/** Every place of a schema that takes a number, with the ends of its range. */
function numbersOf(schema: Node, path: Path = []): { path: Path; ends: number[] }[] {
  const own = bare(schema);
  if (own.def.type === "number") return [{ path, ends: endsOf(own) }];
  return membersOf(own).flatMap(([key, member]) => numbersOf(member, [...path, key]));
}

/** The ends of what is allowed; where an end itself is not, the nearest number that is. */
function endsOf({ def }: Node): number[] {
  const checks = (def.checks ?? []).map((check) => check._zod.def);
  const end = (kind: string, step: number): number[] =>
    checks.filter((c) => c.check === kind).map((c) => (c.inclusive ? c.value! : c.value! + step));
  return [...end("greater_than", Number.MIN_VALUE), ...end("less_than", -1e-9)];
}

/** The schema of a place within a record. */
function schemaAt(schema: Node, [key, ...rest]: Path, value: unknown): Node {
  const own = bare(schema);
  if (key === undefined) return own;
  const { shape, element, items, options } = own.def;
  const fitting = options?.find((o) => o.safeParse(value).success);
  if (fitting) return schemaAt(fitting, [key, ...rest], value);
  const next = shape?.[key] ?? element ?? items?.[Number(key)];
  return schemaAt(next!, rest, (value as Record<string | number, unknown>)[key]);
}

/** Every place of a record that holds a number. */
function numbersIn(value: unknown, path: Path = []): Path[] {
  if (typeof value === "number") return [path];
  if (typeof value !== "object" || value === null) return [];
  return Object.entries(value).flatMap(([k, v]) =>
    numbersIn(v, [...path, Array.isArray(value) ? Number(k) : k]),
  );
}

function put<T>(record: T, path: Path, value: number): T {
  const copy = structuredClone(record);
  const holder = path
    .slice(0, -1)
    .reduce<Record<string | number, unknown>>((at, key) => at[key] as never, copy as never);
  holder[path.at(-1)!] = value;
  return copy;
}

/** Places within an answer that hold a number that is none. */
function oddIn(value: unknown, path: Path = []): string[] {
  if (typeof value === "number") return Number.isFinite(value) ? [] : [`${path.join(".")}: ${value}`];
  if (typeof value !== "object" || value === null) return [];
  return Object.entries(value).flatMap(([k, v]) => oddIn(v, [...path, k]));
}

/** What is odd in the answers to every shot of an outing from where it is to be taken. */
function oddAnswers(outing: Outing, kit: StoredKit): string[] {
  const question = { outing, kit, preferences: DEFAULT_PREFERENCES };
  const { starts } = windowOf(outing);
  const answers = createAssessments();
  return outing.choices.flatMap(({ shotId, positionId }) =>
    oddIn(answers.assessment(question, shotId, positionId, starts)),
  );
}

const schemas: Record<string, unknown> = {
  outing: outingSchema,
  kit: kitSchema,
  library: librarySchema,
  preferences: preferencesSchema,
};
/** A count of writes, which a whole number bounds by itself. */
const COUNTS = ["revision"];

test.each(Object.keys(schemas))("every number of %s has both ends of its range", (name) => {
  const numbers = numbersOf(schemas[name] as Node).filter(
    ({ path }) => !COUNTS.includes(String(path.at(-1))),
  );
  expect(numbers.length).toBeGreaterThan(0);
  expect(numbers.filter(({ ends }) => ends.length < 2).map(({ path }) => path.join("."))).toEqual([]);
});

const places = [
  ...demoOutings.flatMap((outing) =>
    numbersIn(outing).map((path) => ({ outing, of: "outing" as const, path })),
  ),
  ...numbersIn(demoKit).map((path) => ({ outing: demoOutings[0]!, of: "kit" as const, path })),
];
const RECORDS = { outing: outingSchema as unknown as Node, kit: kitSchema as unknown as Node };

/** An outing or the kit with a number changed, where its schema allows that. */
function withNumber({ outing, of, path }: (typeof places)[number], value: number) {
  const record = of === "kit" ? put(demoKit, path, value) : put(outing, path, value);
  if (!RECORDS[of].safeParse(record).success) return undefined;
  return of === "kit" ? { outing, kit: record as StoredKit } : { outing: record as Outing, kit: demoKit };
}

test("a number at the end of its range gave NaN or an infinite share: every figure of the answer stays finite", () => {
  const odd = new Map<string, string[]>();
  const looked = new Set<string>();
  for (const place of places) {
    const kind = [
      place.outing.id,
      place.of,
      ...place.path.map((k) => (typeof k === "number" ? "#" : k)),
    ].join(".");
    if (looked.has(kind)) continue;
    looked.add(kind);
    const record = place.of === "kit" ? demoKit : place.outing;
    for (const end of endsOf(schemaAt(RECORDS[place.of], place.path, record))) {
      const changed = withNumber(place, end);
      const found = changed ? oddAnswers(changed.outing, changed.kit) : [];
      if (found.length > 0) odd.set(`${kind} = ${end}`, found.slice(0, 3));
    }
  }
  expect(looked.size).toBeGreaterThan(100);
  expect(Object.fromEntries(odd)).toEqual({});
});

test("any number of any record, anywhere in its range, gives figures that are numbers", () => {
  fc.assert(
    fc.property(fc.constantFrom(...places), fc.double({ min: 0, max: 1, noNaN: true }), (place, share) => {
      const record = place.of === "kit" ? demoKit : place.outing;
      const [least, most] = endsOf(schemaAt(RECORDS[place.of], place.path, record)) as [number?, number?];
      fc.pre(least !== undefined && most !== undefined);
      const value = least! + share * (most! - least!);
      const changed = withNumber(place, value) ?? withNumber(place, Math.round(value));
      fc.pre(changed !== undefined);
      expect(oddAnswers(changed!.outing, changed!.kit)).toEqual([]);
    }),
    { numRuns: 150 },
  );
});
