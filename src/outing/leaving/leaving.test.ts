import { demoKit, demoOutings } from "../../../demo";
import { DEFAULT_PREFERENCES, outingSchema, tagSchema, type Outing, type Sighting, type Tag } from "@/data";
import { readOutingFile, jsonFile, outingInFile } from "@/data/files";
import { toGeoJson } from "@/data/ground-files/to-geojson";
import { toGpx } from "@/data/ground-files/to-gpx";
import { programmeCalendar, programmeCsv, csvOf } from "../programme/programme-files";
import { timedProgramme } from "../programme/event-times";
import { rowsOfTags } from "../tags/tagging";
import {
  asItLeaves,
  keptOf,
  mindingNests,
  pictureLeaves,
  soundLeaves,
  tagsAsTheyLeave,
} from "./as-it-leaves";
import { askedOf, ASKED_EACH_TIME, isPlaceExact, leaves, WAYS, type Leaving } from "./choice";
import { toGrid } from "./grid";
import { PARTS_OF_OUTING } from "./parts-of-outing";

/** The parts of a schema that are looked at here. */
interface Node {
  readonly def: {
    readonly type: string;
    readonly shape?: Readonly<Record<string, Node>>;
    readonly element?: Node;
    readonly innerType?: Node;
    readonly options?: readonly Node[];
    readonly items?: readonly Node[];
    readonly checks?: readonly { readonly _zod: { readonly def: { readonly check: string } } }[];
  };
}

/** Paths of every text of a schema that holds what somebody typed: no ids, times and names of what ships. */
function textsOf(schema: Node, path = ""): string[] {
  const { type, innerType, shape, element, options, items, checks = [] } = schema.def;
  if (innerType) return textsOf(innerType, path);
  if (shape)
    return Object.entries(shape).flatMap(([key, member]) => textsOf(member, path ? `${path}.${key}` : key));
  if (element) return textsOf(element, `${path}[]`);
  if (options ?? items) return [...new Set((options ?? items)!.flatMap((one) => textsOf(one, path)))];
  const isFree = !checks.some(({ _zod }) => ["string_format", "custom"].includes(_zod.def.check));
  return type === "string" && isFree ? [path] : [];
}

const TEXTS = textsOf(outingSchema as unknown as Node);

/** Puts a text wherever a path leads; how often it did is told. */
function marked(value: unknown, path: string, text: string): number {
  const names = path.replaceAll("[]", ".[]").split(".");
  const put = (at: unknown, [name, ...rest]: string[]): number => {
    if (typeof at !== "object" || at === null) return 0;
    if (name === "[]") return (at as unknown[]).reduce<number>((n, one) => n + put(one, rest), 0);
    const holder = at as Record<string, unknown>;
    if (rest.length > 0) return put(holder[name!], rest);
    if (!(name! in holder)) return 0;
    holder[name!] = text;
    return 1;
  };
  return put(value, names);
}

const markOf = (path: string): string => `§${TEXTS.indexOf(path)}§`;
const [semiFinal] = demoOutings as [Outing];

/** An outing that has one of everything, each text of it a mark of its own. */
function full(): Outing {
  const base = structuredClone(semiFinal);
  const { ground } = base;
  const outline = [
    { x: 0, y: 0 },
    { x: 9, y: 0 },
    { x: 9, y: 9 },
  ];
  const outing: Outing = {
    ...base,
    cautions: ["young-people", "nests"],
    subjects: base.subjects.map((s) => ({ ...s, source: "s" })),
    own: {
      venue: {
        id: "v",
        name: "v",
        template: "hockey",
        bearing: 0,
        notes: "n",
        known: "estimated",
        source: "s",
      },
      lightLevels: [{ id: "l", name: "l", evFrom: 1, evTo: 2, known: "estimated", source: "s" }],
      startingSettings: [
        {
          id: "d",
          discipline: "d",
          shutter: 0.01,
          least: 0.02,
          withLight: 0.001,
          fNumber: [4, 8],
          known: "estimated",
          source: "s",
        },
      ],
    },
    ground: {
      ...ground,
      anchor: { latitude: 53.4123456, longitude: -2.9876543, elevation: 37 },
      areas: [
        { id: "meadow", name: "m", kind: "surface", surface: "grass", outline },
        { id: "box", name: "n", kind: "nest", outline },
      ],
      spots: ground.spots.map((s) => ({ ...s, happens: "h" })),
      tracks: [{ id: "way", name: "w", points: outline, runs: "r" }],
      obstacles: ground.obstacles.slice(0, 1),
      masts: [{ id: "mast", name: "m", at: outline[0]!, height: 12, file: { id: "lamp", aim: outline[1]! } }],
      lampFiles: [{ id: "lamp", name: "l", text: "t" }],
      windows: [{ id: "win", name: "w", at: outline[0]!, facing: 0, width: 2, height: 2, sill: 1 }],
    },
    programme: [
      {
        id: "heat",
        name: "e",
        at: "17:30",
        minutes: 4,
        calls: [],
        place: null,
        priority: 2,
        setUp: 3,
        group: "g",
        who: "w",
        result: "r",
      },
    ],
    people: [
      { id: "a", name: "a", number: "1", lane: "2", colour: "c", club: "k", consent: "given" },
      { id: "b", name: "b", number: "1", lane: "2", colour: "c", club: "k", consent: "refused" },
    ],
    packing: { ticked: [], own: [{ id: "own", name: "o" }] },
    arrangements: {
      size: "s",
      active: "a",
      guides: "g",
      rules: "r",
      pass: "p",
      contacts: "c",
    },
    deliverables: [{ id: "d", name: "d", to: "t", by: "b", form: "f", done: false }],
    log: [
      {
        id: "l",
        shotId: base.shots[0]!.id,
        settings: { shutter: 0, aperture: 0, iso: 0 },
        taken: 9,
        kept: 3,
      },
    ],
    notes: "n",
  };
  for (const path of TEXTS) {
    const times = marked(outing, path, markOf(path));
    // What the schema can hold and this outing does not would not be looked for.
    if (times === 0) throw new Error(`put ${path} into the outing of this test`);
  }
  return outing;
}

const outing = full();
const tags: Tag[] = [
  {
    id: "t1",
    at: Date.UTC(2026, 9, 17, 17),
    kind: "person",
    names: ["§name§"],
    words: "§said§",
    eventId: "heat",
  },
];

/** What was spoken with the tag: bytes are letters in a file. */
const LETTERS = btoa("spoken by a coach");
const SPOKEN = {
  tagId: "t1",
  type: "audio/webm",
  file: new Blob(["spoken by a coach"], { type: "audio/webm" }),
};

/** Every file that goes to somebody else, as text. */
async function filesOf(leaving: Leaving): Promise<string> {
  const left = asItLeaves(outing, leaving);
  const told = tagsAsTheyLeave(tags, outing, leaving);
  const nowhere = (): string => "";
  const file = await jsonFile(
    outingInFile({
      outing: left,
      kit: demoKit,
      preferences: DEFAULT_PREFERENCES,
      tagged: { tags: told, sounds: soundLeaves(outing, leaving) ? [SPOKEN] : [] },
    }),
  );
  return [
    await file.text(),
    JSON.stringify(toGeoJson(left)),
    toGpx(left),
    programmeCsv(left.programme ?? [], nowhere),
    programmeCalendar(
      left.name,
      timedProgramme(left).map((e) => ({ ...e, where: left.place })),
      0,
    ),
    csvOf(rowsOfTags(told, left)),
  ].join("\n");
}

const EACH: readonly Leaving[] = WAYS.flatMap((way) => [
  { way, ticked: [] },
  { way, ticked: ASKED_EACH_TIME },
]);

test("every text of an outing stands in the table of what leaves, by itself or with the part that it belongs to", () => {
  const known = PARTS_OF_OUTING.map(({ path }) => path);
  const unknown = TEXTS.filter(
    (text) =>
      !known.some((path) => text === path || text.startsWith(`${path}.`) || text.startsWith(`${path}[]`)),
  );
  expect(TEXTS.length).toBeGreaterThan(40);
  expect(unknown).toEqual([]);
});

test.each(EACH)(
  "$way with $ticked: no text is in any file that the table keeps back, and the outing is still one",
  async (leaving) => {
    const left = asItLeaves(outing, leaving);
    expect(outingSchema.safeParse(left).error).toBeUndefined();
    const files = await filesOf(leaving);
    const kept = keptOf(outing);
    for (const text of TEXTS) {
      const parts = PARTS_OF_OUTING.filter(
        ({ path }) => text === path || text.startsWith(`${path}.`) || text.startsWith(`${path}[]`),
      );
      const isThere = parts.every(({ part }) => leaves(part, leaving, kept));
      expect([text, files.includes(markOf(text))]).toEqual([text, isThere]);
    }
    const opened = readOutingFile(files.slice(0, files.indexOf("\n}\n") + 3));
    expect(opened).toMatchObject({ ok: true, value: { outing: { id: outing.id } } });
  },
);

/** What is said of each way, by hand: texts that are in no file of it, whatever is ticked. */
const NEVER: Readonly<Record<string, readonly string[]>> = {
  "without-people": [
    "people[].name",
    "people[].club",
    "programme[].who",
    "notes",
    "arrangements.contacts",
    "deliverables[].to",
  ],
  "without-place": ["place", "access.mayStand", "access.allowedBy", "arrangements.pass", "notes"],
  "plan-only": ["people[].name", "programme[].who", "programme[].name", "notes", "arrangements.contacts"],
  "card-only": [
    "place",
    "people[].name",
    "ground.areas[].name",
    "ground.tracks[].name",
    "notes",
    "programme[].name",
  ],
};
test.each(Object.entries(NEVER))("%s never has what it is named for", async (way, texts) => {
  for (const ticked of [[], ASKED_EACH_TIME]) {
    const files = await filesOf({ way, ticked } as Leaving);
    for (const text of texts) expect([text, files.includes(markOf(text))]).toEqual([text, false]);
    if (!way.startsWith("without-place"))
      for (const said of ["§name§", "§said§"]) expect(files).not.toContain(said);
  }
});

test("names of the young, consents, contacts, codes of gates and nests stay here unless they are ticked this time", async () => {
  const files = await filesOf({ way: "whole", ticked: [] });
  for (const text of [
    "people[].name",
    "programme[].who",
    "arrangements.contacts",
    "arrangements.pass",
    "access.allowedBy",
  ])
    expect([text, files.includes(markOf(text))]).toEqual([text, false]);
  for (const said of ["§name§", "§said§", LETTERS]) expect(files).not.toContain(said);
  expect(await filesOf({ way: "whole", ticked: ["young", "nests"] })).toContain(LETTERS);
  // What was spoken may tell of a nest that is left out.
  expect(await filesOf({ way: "whole", ticked: ["young"] })).not.toContain(LETTERS);
  expect(await filesOf({ way: "without-place", ticked: ["young"] })).not.toContain(LETTERS);
  expect(files).not.toContain('"nest"');
  const names = asItLeaves(outing, { way: "whole", ticked: ["young"] });
  expect(names.people!.map((p) => p.consent)).toEqual(["not-asked", "refused"]);
  const all = asItLeaves(outing, { way: "whole", ticked: ASKED_EACH_TIME });
  expect(all.people!.map((p) => p.consent)).toEqual(["given", "refused"]);
  expect(all).toEqual(outing);
});

test("a place that is not to be told goes to the middle of its square kilometre, and so does one with a nest that is left out", async () => {
  const { anchor } = outing.ground;
  const at = (leaving: Leaving) => asItLeaves(outing, leaving).ground.anchor;
  expect(at({ way: "whole", ticked: ["nests"] })).toEqual(anchor);
  for (const leaving of [
    { way: "whole", ticked: [] },
    { way: "without-place", ticked: ASKED_EACH_TIME },
    { way: "card-only", ticked: ASKED_EACH_TIME },
  ] as const) {
    expect(isPlaceExact(leaving, keptOf(outing))).toBe(false);
    expect(pictureLeaves(outing, leaving)).toBe(false);
    expect(at(leaving)).toEqual(toGrid(anchor));
    // No digit of the place beyond a hundredth of a degree is in any file.
    for (const digits of ["53.412", "2.987"]) expect(await filesOf(leaving)).not.toContain(digits);
  }
});

test("where a nest is left out, nothing goes that would give it back: no name, no shape of the ground, no word", async () => {
  for (const way of WAYS) {
    const left = asItLeaves(outing, { way, ticked: ["young", "consent", "contacts"] });
    const files = await filesOf({ way, ticked: ["young", "consent", "contacts"] });
    for (const text of [
      "name",
      "place",
      "notes",
      "ground.spots[].name",
      "ground.areas[].name",
      "ground.tracks[].name",
    ])
      expect([way, text, files.includes(markOf(text))]).toEqual([way, text, false]);
    expect(left.ground.areas).toEqual([]);
    expect(left.ground.tracks).toEqual([]);
  }
});

test("a nest that only the place is known to have is minded too, until it is of another place", () => {
  const plain: Outing = {
    ...semiFinal,
    cautions: [],
    placeId: "here",
    ground: { ...semiFinal.ground, areas: [] },
  };
  const nest: Sighting = { id: "n", placeId: "here", name: "Tern", what: "nest", on: "2025-05-20" };
  expect(keptOf(plain).hasNests).toBe(false);
  expect(keptOf(mindingNests(plain, [nest])).hasNests).toBe(true);
  expect(mindingNests(plain, [{ ...nest, placeId: "there" }])).toBe(plain);
  expect(mindingNests(plain, [{ ...nest, what: "young" }])).toBe(plain);
  expect(plain.cautions).toEqual([]);
});

test("places of one square are told alike, none is moved farther than its corner, and poles and the date line are places too", () => {
  const here = toGrid({ latitude: 53.4123456, longitude: -2.9876543, elevation: 37 });
  expect(here.elevation).toBe(0);
  expect(toGrid(here)).toEqual(here);
  for (const [latitude, longitude] of [
    [53.41, -2.98],
    [-33.9, 18.4],
    [0, 0],
    [69.65, 18.95],
    [89.999, 10],
    [-90, -180],
    [12, 180],
  ] as const) {
    const told = toGrid({ latitude, longitude, elevation: 849 });
    const north = Math.abs(told.latitude - latitude) * 111_195;
    const east = Math.abs(told.longitude - longitude) * 111_195 * Math.cos((told.latitude * Math.PI) / 180);
    expect(north).toBeLessThanOrEqual(501);
    expect(east).toBeLessThanOrEqual(501);
    expect(told.elevation).toBe(800);
    expect(Math.abs(told.latitude)).toBeLessThanOrEqual(90);
    expect(Math.abs(told.longitude)).toBeLessThanOrEqual(180);
  }
});

test("an outing without people of its own kinds is asked about nothing that it has not", () => {
  const kept = { isYoung: false, hasNests: false };
  expect(WAYS.map((way) => askedOf(way, kept))).toEqual([["consent", "contacts"], [], ["consent"], [], []]);
  expect(askedOf("whole", keptOf(outing))).toEqual(ASKED_EACH_TIME);
  expect(soundLeaves(outing, { way: "whole", ticked: [] })).toBe(false);
  expect(soundLeaves(outing, { way: "whole", ticked: ["young", "nests"] })).toBe(true);
  expect(
    tagsAsTheyLeave(tags, outing, { way: "without-people", ticked: [] }).map((t) => tagSchema.parse(t)),
  ).toEqual([{ id: "t1", at: tags[0]!.at, kind: "person", names: [], eventId: "heat" }]);
});
