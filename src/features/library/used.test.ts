import { knownLevels, toldLight } from "@/answers/expose/when-right";
import { starting } from "@/answers/expose/practice-starts";
import { standsOut } from "@/answers/frame/stand-out";
import { subjectTaken } from "@/answers/library/subjects";
import { EMPTY_LIBRARY, outingFaults, windowOf, type Library, type Outing } from "@/data";
import { librarySchema } from "@/data/schema";
import { carriedInto, newerFor } from "@/outing/library/carried";
import type { OutingView } from "@/outing/outing-view";
import { evRangeWords, knownWords, shotSentence } from "@/words";
import { ownVenueWords } from "@/words/library";
import { fromNothing, looked } from "../../../test/outings";

/** The parts of a schema that are looked at here. */
interface Node {
  readonly def: {
    readonly type: string;
    readonly shape?: Readonly<Record<string, Node>>;
    readonly element?: Node;
    readonly innerType?: Node;
    readonly items?: readonly Node[];
    readonly entries?: Readonly<Record<string, string>>;
  };
  readonly safeParse: (value: unknown) => { readonly success: boolean };
}
type Path = readonly (string | number)[];

/** Every field of a schema that holds a value of its own. */
function fieldsOf(schema: Node, path: Path = []): { readonly path: Path; readonly node: Node }[] {
  const { innerType, shape, element, items } = schema.def;
  if (innerType) return fieldsOf(innerType, path);
  if (shape) return Object.entries(shape).flatMap(([key, member]) => fieldsOf(member, [...path, key]));
  if (element) return fieldsOf(element, [...path, 0]);
  if (items) return items.flatMap((item, i) => fieldsOf(item, [...path, i]));
  return [{ path, node: schema }];
}

/** Other values that may stand at a field. */
function others({ def }: Node, now: unknown): readonly unknown[] {
  if (def.type === "number") {
    const n = typeof now === "number" ? now : 1;
    return [n * 1.5, n * 0.6, n + 1, n + 7, n - 1, 0.05, 0.3];
  }
  if (def.type === "string") return [`${String(now ?? "")} otherwise`, "football"];
  if (def.type === "boolean") return [now !== true];
  return Object.values(def.entries ?? {}).filter((option) => option !== now);
}

const at = (value: unknown, [key, ...rest]: Path): unknown =>
  key === undefined ? value : at((value as Record<string | number, unknown> | undefined)?.[key], rest);

const withAt = (value: unknown, [key, ...rest]: Path, put: unknown): unknown => {
  if (key === undefined) return put;
  const whole = value as Record<string | number, unknown>;
  if (Array.isArray(value)) return value.map((v, i) => (i === key ? withAt(v, rest, put) : (v as unknown)));
  return { ...whole, [key]: withAt(whole[key], rest, put) };
};

type Section = "subjects" | "lightLevels" | "startingSettings" | "venues";
const SECTIONS: readonly Section[] = ["subjects", "lightLevels", "startingSettings", "venues"];

/** A subject of one's own like one of the library, what it holds in its hand first among its parts. */
const like = (subject: string): Library["subjects"][number] => ({
  ...subjectTaken(subject, [])!,
  parts: subjectTaken(subject, [])!.parts.toSorted((a, b) => (b.halfWidth ?? 0) - (a.halfWidth ?? 0)),
  id: "our-own",
  name: "Our own",
  source: "our own evenings",
});
const own = (subject: string): Library => ({
  ...EMPTY_LIBRARY,
  subjects: [like(subject)],
  lightLevels: [
    { id: "our-hall", name: "Our hall", evFrom: 6, evTo: 7, known: "estimated", source: "our own evenings" },
  ],
  startingSettings: [
    {
      id: "ours",
      discipline: "Ours",
      shutter: 1 / 1000,
      least: 1 / 500,
      withLight: 1 / 2000,
      fNumber: [4, 8],
      known: "estimated",
      source: "our own evenings",
    },
  ],
  venues: [
    {
      id: "our-field",
      name: "Our field",
      template: "hockey",
      bearing: 20,
      latitude: 53.2,
      longitude: -1.4,
      notes: "mind the gate",
      known: "estimated",
      source: "our own evenings",
    },
  ],
});

/** An outing of it on the field of one's own; its shot is of the head, or holds the first part, where that is told. */
function begun(subject: string, of: "whole" | "head" | "part" = "whole"): Outing {
  const library = own(subject);
  const outing = fromNothing(subject);
  const [venue] = library.venues;
  return {
    ...outing,
    place: venue!.name,
    ground: { ...outing.ground, venue: { ...outing.ground.venue, bearing: venue!.bearing } },
    subjects: [like(subject)],
    shots: outing.shots.map((s) => ({
      ...s,
      subjectId: "our-own",
      ...(of === "head" && { part: "head" as const, holdPartId: "body" }),
      ...(of === "part" && { holdPartId: like(subject).parts[0]?.id ?? "body" }),
    })),
    own: { venue: venue! },
  };
}

/** What is told to somebody who looks at the outing, section by section. */
function told(view: OutingView): Readonly<Record<Section, string>> {
  const { outing, found, frame } = view;
  const [subject] = outing.subjects;
  const [shot] = outing.shots;
  const [level] = knownLevels(view);
  const mine = starting(view).find((s) => s.start.own);
  const { venue, surface } = outing.ground;
  return {
    subjects: JSON.stringify([
      shotSentence(shot!, subject!.name),
      knownWords({ known: subject!.known, source: subject!.source ?? "" }),
      found,
      frame,
      standsOut(view),
    ]),
    lightLevels: JSON.stringify(
      level && [
        level.name,
        evRangeWords(level.evFrom, level.evTo),
        toldLight(view, level.evTo),
        knownWords(level),
      ],
    ),
    startingSettings: JSON.stringify(
      mine && [
        mine.start.discipline,
        [mine, mine.inTheDark, mine.inTheLight].map((s) => [s.settings, s.blurUm, s.chance]),
        knownWords(mine.start),
      ],
    ),
    venues: JSON.stringify([
      outing.place,
      outing.ground.anchor,
      venue,
      surface,
      outing.own?.venue && ownVenueWords(outing.own.venue),
    ]),
  };
}

const seen = (outing: Outing, library: Library) => told(looked(outing).with({ library }).view);

/** Links, which say nothing of their own: the row itself, and the subject whose body it has (tested with the bodies). */
const isLink = (path: Path): boolean => path.length === 1 && (path[0] === "id" || path[0] === "like");

/** Subjects that together have every field: wings and a span, a tool of the hand, what lies, what crawls. */
const PARTS = ["whole", "head", "part"] as const;
const CAST = ["swan-flying", "hockey-drag-flicker", "butterfly-calm", "dolphin-leaping", "seal"];

test.each(SECTIONS)(
  "every field of one's own %s acts in an outing that is not over; one that is over keeps what it had until the new one is taken",
  (section) => {
    const fields = fieldsOf(
      (librarySchema.shape[section] as unknown as Node).def.element ??
        (librarySchema.shape[section] as unknown as Node),
    )
      .map(({ path, node }) => ({ path: path[0] === 0 ? path.slice(1) : path, node }))
      .filter(({ path }) => !isLink(path));
    expect(fields.length).toBeGreaterThan(4);
    const without: string[] = [];
    for (const { path, node } of fields) {
      const cast = section === "subjects" ? CAST : CAST.slice(1, 2);
      const asked = cast.flatMap((subject) => PARTS.map((of) => ({ subject, of })));
      const acts = asked.some(({ subject, of }) => {
        const before = own(subject);
        const outing = begun(subject, of);
        const row = before[section][0]!;
        const now = seen(outing, before)[section];
        return others(node, at(row, path)).some((value) => {
          const after = { ...before, [section]: [withAt(row, path, value)] } as Library;
          if (!librarySchema.safeParse(after).success) return false;
          const { from, until } = windowOf(outing);
          const running = carriedInto(outing, before, after, from);
          if (seen(running, after)[section] === now) return false;
          expect(outingFaults(running)).toEqual([]);
          expect(newerFor(running, after)).toEqual([]);
          const over = carriedInto(outing, before, after, until + 1);
          expect([path, seen(over, after)[section] === now]).toEqual([path, true]);
          const newer = newerFor(over, after);
          expect([path, newer.map((n) => n.section)]).toEqual([path, [section]]);
          const taken = newer[0]!.take(over);
          expect([path, seen(taken, after)[section] === seen(running, after)[section]]).toEqual([path, true]);
          expect(newerFor(taken, after)).toEqual([]);
          return true;
        });
      });
      if (!acts) without.push(path.join("."));
    }
    expect(without).toEqual([]);
  },
);

test("what was set otherwise in an outing stays when the library changes, and comes back with an undo of that change", () => {
  const [subject] = CAST;
  const before = own(subject!);
  const outing = begun(subject!);
  const red: Outing = { ...outing, subjects: [{ ...outing.subjects[0]!, colour: "red" }] };
  const after = { ...before, subjects: [{ ...before.subjects[0]!, bodySpeed: 3 }] };
  const { from } = windowOf(outing);
  const changed = carriedInto(red, before, after, from);
  expect(changed.subjects[0]).toMatchObject({ colour: "red", bodySpeed: 3 });
  expect(newerFor(changed, after)).toEqual([]);
  expect(carriedInto(changed, after, before, from)).toEqual(red);
  expect(carriedInto(red, before, { ...before, favourites: ["subjects/our-own"] }, from)).toBe(red);
});

test("a part that is held and no longer in the library lets go: the body is held instead", () => {
  const [subject] = CAST;
  const before = own(subject!);
  const outing = begun(subject!);
  const [shot] = outing.shots;
  const held: Outing = { ...outing, shots: [{ ...shot!, holdPartId: before.subjects[0]!.parts[0]!.id }] };
  const after = { ...before, subjects: [{ ...before.subjects[0]!, parts: [] }] };
  const changed = carriedInto(held, before, after, windowOf(outing).from);
  expect(changed.shots[0]!.holdPartId).toBe("body");
  expect(outingFaults(changed)).toEqual([]);
});
