import type { FileContents } from "./any-file";
import { freeId, newId } from "../ids";
import type { Together } from "../repository";
import { isListOfItems } from "../merge-records";
import { namesOf, ONE_KINDS, type Kinds, type RecordOf } from "../records";
import { SHELVES, withKitNames, type Shelf } from "../kit-named";
import type { Outing, StoredKit } from "../schema";

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
    // What came beside mine from an earlier file is not added again.
    const twin = own && items.find((item) => sameThing({ ...item, id: thing.id }, thing));
    const id = twin?.id ?? freeId(thing.id, items);
    if (own) renamed.set(thing.id, id);
    if (!twin) items.push({ ...thing, id });
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
const repoint = (outing: Outing, renamed: MergedKit["renamed"]): Outing =>
  withKitNames(outing, (shelf, id) => renamed[shelf].get(id) ?? id);

/** What the user has, of what a file may hold; no kit before anything was begun. */
export type Mine = Omit<RecordOf, "kit"> & {
  readonly outings: readonly Outing[];
  readonly kit: StoredKit | undefined;
};

/** An outing of the file beside the one of the same id that is here. */
export interface ImportRow {
  readonly outing: Outing;
  readonly standing: "new" | "same" | "differs";
  readonly own?: Outing;
}

/** What an import would do, before anything is done. */
export interface ImportPreview {
  readonly rows: readonly ImportRow[];
  /** Things that are not in the user's kit yet, 0 or more. */
  readonly addedKit: number;
  /** Entries that are not in the user's library yet, 0 or more. */
  readonly addedLibrary: number;
  readonly preferencesDiffer: boolean;
}

export function previewImport(file: FileContents, mine: Mine): ImportPreview {
  const own = new Map(mine.outings.map((outing) => [outing.id, outing]));
  return {
    rows: file.outings.map(({ outing }) => rowOf(outing, own.get(outing.id))),
    addedKit: mergedKits(file, mine.kit).added,
    addedLibrary: file.library ? sizeOf(joined(mine.library, file.library)) - sizeOf(mine.library) : 0,
    preferencesDiffer: file.preferences !== undefined && !sameThing(file.preferences, mine.preferences),
  };
}

const unrevised = (outing: Outing): Outing => ({ ...outing, revision: 0 });

function rowOf(outing: Outing, own: Outing | undefined): ImportRow {
  if (!own) return { outing, standing: "new" };
  return { outing, own, standing: sameThing(unrevised(own), unrevised(outing)) ? "same" : "differs" };
}

export interface ImportChoices {
  /** What becomes of outings that are here already and differ. */
  readonly differing: "keep-both" | "replace" | "leave-mine";
  /** Whether the file's preferences are taken. */
  readonly preferences: boolean;
}

/** Records to be kept together, and of each outing of the file the id under which it will be here; none where it is left out. */
export type ImportWrite = Together & { readonly arrivesAs: readonly (string | undefined)[] };

/**
 * What an import writes, all of it at once. What is the same is left alone; nothing of the user's kit and library is
 * overwritten: what differs under the same id comes beside it, and the outings of the file point there.
 */
export function importWrite(file: FileContents, mine: Mine, choices: ImportChoices): ImportWrite {
  const kits = mergedKits(file, mine.kit);
  const own = new Map(mine.outings.map((outing) => [outing.id, outing]));
  const arrived = new Set<string>();
  const arrivesAs: (string | undefined)[] = [];
  const outings = file.outings.flatMap(({ outing, kit }): Outing[] => {
    const pointed = kit ? repoint(outing, kits.renamed.get(kit)!) : outing;
    const { standing } = rowOf(outing, own.get(outing.id));
    // Two outings of one id in one file both arrive.
    const isAgain = arrived.has(outing.id);
    const isLeft = !isAgain && standing === "differs" && choices.differing === "leave-mine";
    if (isLeft || (!isAgain && standing === "same")) {
      arrivesAs.push(isLeft ? undefined : outing.id);
      return [];
    }
    const isBeside = isAgain || (standing === "differs" && choices.differing === "keep-both");
    const id = isBeside ? newId() : outing.id;
    arrived.add(outing.id);
    arrivesAs.push(id);
    return [{ ...pointed, id, revision: isBeside ? 0 : (own.get(id)?.revision ?? 0) }];
  });
  return {
    outings,
    arrivesAs,
    ...(kits.kit && (kits.added > 0 || !mine.kit) ? { kit: kits.kit } : {}),
    ...besideWrite<RecordOf>(file, mine as Partial<RecordOf>, choices),
  };
}

/** What becomes of the records that a file brings beside its outings, by their kinds; the kit comes with the outings that point to it. */
export function besideWrite<R extends object = RecordOf>(
  file: Partial<R>,
  mine: Partial<R>,
  { preferences }: Pick<ImportChoices, "preferences">,
  kinds = ONE_KINDS as unknown as Kinds<R>,
): Partial<R> {
  type Records = Readonly<Record<string, object | undefined>>;
  const written = namesOf(kinds).flatMap((name): (readonly [string, object])[] => {
    const theirs = (file as Records)[name];
    if (name === "kit" || theirs === undefined) return [];
    if (kinds[name].arrives === "chosen") return preferences ? [[name, theirs]] : [];
    return [[name, joined((mine as Records)[name], theirs)]];
  });
  return Object.fromEntries(written) as Partial<R>;
}

/** The user's kit with all kits of a file; each is merged once, however many outings come with it. */
function mergedKits(file: FileContents, mine: StoredKit | undefined) {
  const renamed = new Map<StoredKit, MergedKit["renamed"]>();
  const kits = [...file.outings.map((o) => o.kit), file.kit];
  let kit = mine;
  let added = 0;
  for (const theirs of kits) {
    if (!theirs || renamed.has(theirs)) continue;
    const merged = kit ? mergeKit(kit, theirs) : { kit: theirs, renamed: NOTHING_RENAMED, added: 0 };
    renamed.set(theirs, merged.renamed);
    kit = merged.kit;
    added += merged.added;
  }
  return { kit, renamed, added };
}

const NOTHING_RENAMED: MergedKit["renamed"] = {
  bodies: new Map(),
  lenses: new Map(),
  converters: new Map(),
  supports: new Map(),
  cards: new Map(),
};

/** A record with the things of another one beside its own, list by list; what differs under the same id comes beside it. */
function joined<T extends object>(own: T | undefined, added: T): T {
  if (!own) return added;
  const lists = Object.entries(added).flatMap(([key, theirs]): [string, unknown][] => {
    const mine = (own as Record<string, unknown>)[key];
    if (isListOfWords(theirs))
      return [[key, [...new Set([...(isListOfWords(mine) ? mine : []), ...theirs])]]];
    return isListOfItems(mine) && isListOfItems(theirs) ? [[key, mergeShelf(mine, theirs).items]] : [];
  });
  return { ...own, ...Object.fromEntries(lists) };
}

/** Words that stand for something, such as favourites: each stands once. */
const isListOfWords = (value: unknown): value is readonly string[] =>
  Array.isArray(value) && value.length > 0 && value.every((one) => typeof one === "string");

/** How many things stand in the lists of a record. */
const sizeOf = (record: object): number =>
  Object.values(record).reduce<number>((n, list) => n + (isListOfItems(list) ? list.length : 0), 0);
