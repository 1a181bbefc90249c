import { freeId } from "./ids";
import type { OutingFile } from "./outing-file";
import type { Choice, Outing, StoredKit } from "./schema";

type Shelf = "bodies" | "lenses" | "converters" | "supports" | "cards";
const SHELVES: readonly Shelf[] = ["bodies", "lenses", "converters", "supports", "cards"];
const CHOICE_KEY = {
  bodies: "bodyId",
  lenses: "lensId",
  converters: "converterId",
  supports: "supportId",
} as const satisfies Partial<Record<Shelf, keyof Choice>>;
const CHOSEN = Object.keys(CHOICE_KEY) as (keyof typeof CHOICE_KEY)[];

interface MergedKit {
  readonly kit: StoredKit;
  /** Per shelf, the new id of a thing whose id was taken by another thing. */
  readonly renamed: Readonly<Record<Shelf, ReadonlyMap<string, string>>>;
  readonly added: number;
}

/**
 * Kit from a file joins the user's own: what is the same stays, what is new is added, what differs under the same id
 * is added beside it under a free id. Nothing of the user's is overwritten.
 */
function mergeKit(mine: StoredKit, theirs: StoredKit): MergedKit {
  const shelves = SHELVES.map((shelf) => mergeShelf(mine[shelf], theirs[shelf]));
  const at = (i: number) => shelves[i]!;
  const kit = {
    ...mine,
    ...Object.fromEntries(SHELVES.map((shelf, i) => [shelf, at(i).items])),
  } as StoredKit;
  const renamed = Object.fromEntries(
    SHELVES.map((shelf, i) => [shelf, at(i).renamed]),
  ) as unknown as MergedKit["renamed"];
  return { kit, renamed, added: shelves.reduce((n, s) => n + s.added, 0) };
}

function mergeShelf(mine: readonly { id: string }[], theirs: readonly { id: string }[]) {
  const items = [...mine];
  const renamed = new Map<string, string>();
  for (const thing of theirs) {
    const own = items.find((item) => item.id === thing.id);
    if (own && sameThing(own, thing)) continue;
    const id = freeId(thing.id, items);
    if (own) renamed.set(thing.id, id);
    items.push({ ...thing, id });
  }
  return { items, renamed, added: items.length - mine.length };
}

const sameThing = (a: object, b: object): boolean => JSON.stringify(sorted(a)) === JSON.stringify(sorted(b));

/** The same value with keys in order, so that two records compare by content. */
function sorted(value: unknown): unknown {
  if (typeof value !== "object" || value === null) return value;
  if (Array.isArray(value)) return value.map(sorted);
  return Object.fromEntries(
    Object.entries(value)
      .sort(([a], [b]) => a.localeCompare(b))
      .map(([k, v]) => [k, sorted(v)]),
  );
}

/** The file's outing pointed at the merged kit: what is mounted, and what is in the bag. */
function repoint(outing: Outing, renamed: MergedKit["renamed"]): Outing {
  const choices = outing.choices.map((choice) => {
    const moved = { ...choice };
    for (const shelf of CHOSEN) {
      const key = CHOICE_KEY[shelf];
      const id = moved[key];
      const to = id === null ? undefined : renamed[shelf].get(id);
      if (to !== undefined) moved[key] = to;
    }
    return moved;
  });
  const { bag } = outing;
  const moved =
    bag &&
    (Object.fromEntries(
      SHELVES.map((shelf) => [shelf, bag[shelf].map((id) => renamed[shelf].get(id) ?? id)]),
    ) as typeof bag);
  return { ...outing, choices, bag: moved };
}

export type OnConflict = "replace" | "keep-both";

/** What bringing a file in would write: the outing with the right id and revision, and the kit. */
export function bringIn(
  file: OutingFile,
  mine: { readonly kit: StoredKit | undefined; readonly outings: readonly Outing[] },
  onConflict: OnConflict,
): { readonly outing: Outing; readonly kit: StoredKit; readonly addedKit: number } {
  const merged = mine.kit
    ? mergeKit(mine.kit, file.kit)
    : { kit: file.kit, renamed: NOTHING_RENAMED, added: 0 };
  const pointed = repoint(file.outing, merged.renamed);
  const own = mine.outings.find((s) => s.id === pointed.id);
  const outing =
    own && onConflict === "keep-both"
      ? { ...pointed, id: freeId(pointed.id, mine.outings), revision: 0 }
      : { ...pointed, revision: own?.revision ?? 0 };
  return { outing, kit: merged.kit, addedKit: merged.added };
}

const NOTHING_RENAMED: MergedKit["renamed"] = {
  bodies: new Map(),
  lenses: new Map(),
  converters: new Map(),
  supports: new Map(),
  cards: new Map(),
};
