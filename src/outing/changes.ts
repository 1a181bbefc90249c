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

const PARTS: readonly (readonly [Part, (o: Outing) => unknown])[] = [
  ["name", (o) => [o.name, o.kind, o.sport]],
  ["date and times", (o) => [o.date, o.from, o.until, o.lastDate, o.starts, o.timeZone, o.plannedAt]],
  ["place", (o) => [o.place, o.ground.anchor]],
  ["access", (o) => o.access],
  ["cautions", (o) => o.cautions],
  ["bag", (o) => o.bag],
  ["ground", ({ ground: g }) => [g.surface, g.venue, g.hall, g.leave]],
  ["light", ({ light: { readings: _, ...rest } }) => rest],
  ["weather", (o) => [o.weather, o.forecast]],
  ["programme", (o) => o.programme],
  ["people", (o) => o.people],
  ["packing", (o) => o.packing],
  ["arrangements", (o) => [o.arrangements, o.deliverables]],
  ["notes", (o) => o.notes],
  ["archive", (o) => o.archived],
];

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
    ...PARTS.filter(([, of]) => !sameValue(of(before), of(after))).map(
      ([part]) => ({ code: "part", part }) as const,
    ),
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
