import { EVENT_KINDS, eventKindOf, type EventKind } from "@/core/catalogue";

/** Minutes before the start of each call, the first call first: for the whole meeting, and for kinds of which it differs. */
export interface CallsTold {
  readonly all: readonly number[];
  readonly kinds: readonly { readonly ids: readonly string[]; readonly calls: readonly number[] }[];
}

export const NO_CALLS: CallsTold = { all: [], kinds: [] };

const MOST_CALLS = 3;
const MOST_BEFORE = 600;

/** "30 and 15", "30/20/10" as minutes before the start of each call, the first call first; undefined where it cannot be read. */
export function callsTyped(text: string): number[] | undefined {
  const calls = (text.match(/\d+/g) ?? []).map(Number);
  const readable = text.replace(/\d+|\band\b|\bmin(?:utes?)?\b|\bbefore\b|[\s,;/&+.–-]/gi, "") === "";
  return readable && calls.length <= MOST_CALLS && calls.every((c) => c <= MOST_BEFORE)
    ? calls.sort((a, b) => b - a)
    : undefined;
}

/** Words for many kinds at once, as a timetable has them. */
const MANY: readonly (readonly [words: RegExp, are: (kind: EventKind) => boolean])[] = [
  [/^(?:track|races?|running)(?: events?)?$/i, (k) => k.worth === "whole" && !k.idle],
  [/^field(?: events?)?$/i, (k) => k.contest !== undefined],
  [/^(?:jumps|jumping events?)$/i, (k) => k.contest !== undefined && k.id.includes("jump")],
  [/^(?:throws|throwing events?)$/i, (k) => ["shot-put", "discus", "hammer", "javelin"].includes(k.id)],
];

/** The kinds that a word means: "field", "pole vault", "hurdles"; none where it means none. */
function kindsMeant(words: string): string[] {
  const many = MANY.find(([pattern]) => pattern.test(words));
  if (many) return EVENT_KINDS.filter(many[1]).map((k) => k.id);
  const named = EVENT_KINDS.find((k) => k.name.toLowerCase() === words.toLowerCase()) ?? eventKindOf(words);
  return named ? [named.id] : [];
}

/**
 * The calls of a meeting as they are typed, "30 and 15" for all of it, "30 and 15; field 60, 45; pole vault 90" where kinds differ; undefined where
 * a part of it cannot be read. What comes later counts over what comes before it.
 */
export function callsTold(text: string): CallsTold | undefined {
  const told: { all: readonly number[]; kinds: CallsTold["kinds"][number][] } = { all: [], kinds: [] };
  for (const part of text.split(/[;\n]/).map((p) => p.trim())) {
    if (part === "") continue;
    const words = /^[^\d]*/
      .exec(part)![0]
      .replace(/[:\s,–-]+$/, "")
      .trim();
    const calls = callsTyped(part.slice(/^[^\d]*/.exec(part)![0].length));
    if (!calls || calls.length === 0) return undefined;
    if (words === "" || /^(?:all|the rest|others?)$/i.test(words)) told.all = calls;
    else {
      const ids = kindsMeant(words);
      if (ids.length === 0) return undefined;
      told.kinds.push({ ids, calls });
    }
  }
  return told;
}

/** The calls of an event of a kind; none of what nobody photographs. */
export const callsFor = ({ all, kinds }: CallsTold, kind: EventKind | undefined): readonly number[] =>
  kind?.idle ? [] : (kinds.findLast(({ ids }) => kind && ids.includes(kind.id))?.calls ?? all);
