import type { OutingChange, Part, Thing } from "@/core/review";
import { sameValue, type Outing } from "@/data";

interface Named {
  readonly id: string;
  readonly name: string;
  readonly at?: { readonly x: number; readonly y: number };
}

const LISTS: readonly (readonly [Thing, (o: Outing) => readonly Named[]])[] = [
  ["position", (o) => o.ground.positions],
  ["spot", (o) => o.ground.spots],
  ["track", (o) => o.ground.tracks],
  ["obstacle", (o) => o.ground.obstacles],
  ["mast", (o) => o.ground.masts],
  ["window", (o) => o.ground.windows ?? []],
  ["area", (o) => o.ground.areas],
  ["light zone", (o) => o.ground.zones],
  ["shot", (o) => o.shots],
  ["subject", (o) => o.subjects],
];

/** Under what each part of an outing is told; nothing where its own list or row tells it, or where it is not something that was done. */
const OF_OUTING = {
  version: undefined,
  id: undefined,
  revision: undefined,
  name: "name",
  kind: "name",
  sport: "name",
  date: "date and times",
  from: "date and times",
  until: "date and times",
  lastDate: "date and times",
  starts: "date and times",
  timeZone: "date and times",
  plannedAt: "date and times",
  place: "place",
  access: "access",
  cautions: "cautions",
  bag: "bag",
  // Told part by part below.
  ground: undefined,
  light: undefined,
  weather: "weather",
  forecast: "weather",
  programme: "programme",
  // Told by the spot and the position that it moves.
  downs: undefined,
  people: "people",
  packing: "packing",
  arrangements: "arrangements",
  deliverables: "arrangements",
  notes: "notes",
  archived: "archive",
  // Which shot is looked at first is a matter of looking.
  shotId: undefined,
  shots: undefined,
  subjects: undefined,
  choices: undefined,
  log: undefined,
  evidence: "what is learnt",
  placeId: "the place",
  walks: "timed walks",
  own: "own entries",
} as const satisfies Readonly<Record<keyof Outing, Part | undefined>>;

const OF_GROUND = {
  anchor: "place",
  surface: "ground",
  venue: "ground",
  hall: "ground",
  leave: "ground",
  lampFiles: "lamp files",
  areas: undefined,
  zones: undefined,
  spots: undefined,
  tracks: undefined,
  obstacles: undefined,
  masts: undefined,
  windows: undefined,
  positions: undefined,
} as const satisfies Readonly<Record<keyof Outing["ground"], Part | undefined>>;

const OF_LIGHT = {
  cloudEighths: "light",
  cloudHours: "light",
  passing: "light",
  roof: "light",
  leaves: "light",
  lamps: "light",
  readings: undefined,
  taken: "light",
} as const satisfies Readonly<Record<keyof Outing["light"], Part | undefined>>;

const partsChanged = (before: Outing, after: Outing): Part[] =>
  (Object.keys(OF_OUTING) as (keyof Outing)[]).flatMap((key) => {
    if (key === "ground") return changesOfParts<Outing["ground"]>(OF_GROUND, before.ground, after.ground);
    if (key === "light") return changesOfParts<Outing["light"]>(OF_LIGHT, before.light, after.light);
    return sameValue(before[key], after[key]) ? [] : (OF_OUTING[key] ?? []);
  });

/** The names of the parts by which two of a kind differ. */
function changesOfParts<T extends object>(
  told: Readonly<Record<keyof T, Part | undefined>>,
  before: T,
  after: T,
): Part[] {
  if (before === after) return [];
  const keys = Object.keys(told) as (keyof T)[];
  return keys.flatMap((key) => (sameValue(before[key], after[key]) ? [] : (told[key] ?? [])));
}

/** What differs between two states of an outing, in the order in which it is told; empty where nothing does. */
export function changesBetween(before: Outing, after: Outing): OutingChange[] {
  return [
    ...LISTS.flatMap(([thing, of]) => changesOfList(thing, of(before), of(after))),
    ...(isReordered(before.shots, after.shots)
      ? [{ code: "part", part: "order of the shots" } as const]
      : []),
    ...changesOfPlans(before, after),
    ...changesOfNumber("readings", before.light.readings, after.light.readings),
    ...changesOfNumber("counts", before.log, after.log),
    ...[...new Set(partsChanged(before, after))].map((part) => ({ code: "part", part }) as const),
  ];
}

function changesOfList(thing: Thing, before: readonly Named[], after: readonly Named[]): OutingChange[] {
  if (before === after) return [];
  const was = new Map(before.map((item) => [item.id, item]));
  const is = new Set(after.map((item) => item.id));
  const removed = before.filter((item) => !is.has(item.id));
  return [
    ...after.flatMap((item) => changesOfItem(thing, was.get(item.id), item)),
    ...removed.map(({ name }) => ({ code: "removed", thing, name }) as const),
  ];
}

function changesOfItem(thing: Thing, was: Named | undefined, is: Named): OutingChange[] {
  const { name } = is;
  if (!was) return [{ code: "added", thing, name }];
  if (sameValue(was, is)) return [];
  if (sameValue({ ...was, name }, is)) return [{ code: "renamed", thing, name, from: was.name }];
  if (was.at && is.at && sameValue({ ...was, at: is.at }, is))
    return [{ code: "moved", thing, name, metres: Math.hypot(is.at.x - was.at.x, is.at.y - was.at.y) }];
  return [{ code: "changed", thing, name }];
}

function isReordered(before: readonly Named[], after: readonly Named[]): boolean {
  const there = new Set(after.map((item) => item.id));
  const ids = (items: readonly Named[], kept: ReadonlySet<string>): string[] =>
    items.filter((item) => kept.has(item.id)).map((item) => item.id);
  return !sameValue(ids(before, there), ids(after, new Set(before.map((item) => item.id))));
}

function changesOfPlans(before: Outing, after: Outing): OutingChange[] {
  if (before.choices === after.choices) return [];
  const was = new Map(before.choices.map((choice) => [choice.shotId, choice]));
  return after.choices.flatMap((choice): OutingChange[] => {
    const old = was.get(choice.shotId);
    const shot = after.shots.find((s) => s.id === choice.shotId)?.name;
    if (!old || !shot || sameValue(old, choice)) return [];
    const isLocked = sameValue({ ...old, locked: choice.locked }, choice);
    return [{ code: isLocked ? "locked" : "planned", shot }];
  });
}

function changesOfNumber(
  code: "readings" | "counts",
  before: readonly { readonly id: string }[],
  after: readonly { readonly id: string }[],
): OutingChange[] {
  if (sameValue(before, after)) return [];
  const was = new Set(before.map((item) => item.id));
  const is = new Set(after.map((item) => item.id));
  const added = after.filter((item) => !was.has(item.id)).length;
  const removed = before.filter((item) => !is.has(item.id)).length;
  return [{ code, added, removed }];
}
