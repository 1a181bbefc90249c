import MiniSearch, { type SearchResult } from "minisearch";
import { stemmer } from "stemmer";

/** Something that can be found: a panel, a subject, a word, an outing. */
export interface Findable {
  readonly id: string;
  readonly title: string;
  /** Questions that it answers, as people ask them. */
  readonly questions?: readonly string[];
  /** More words by which it is found. */
  readonly words?: string;
  /** What it says of itself: it counts least. */
  readonly says?: string;
}

/** Words that carry nothing of what is asked. */
const EMPTY = new Set(
  "a an the what is are was be been being am do does did i me my we it its it's of to in on at for from by with and or so that this these those there here can could should would will shall may might must have has had get got gets getting if then than as be you your he she they them his her their not no yes please just one ones let lets about into out off over up down s t re ve m ll d whats wheres im dont doesnt isnt".split(
    " ",
  ),
);

/** What stands for figures that are typed: who asks of 1/500 asks of shutters. */
const FIGURES: readonly (readonly [RegExp, string])[] = [
  [/\b1\s*\/\s*\d+(\s*(s|sec|th))?\b/g, " shutter "],
  [/\bf\s*\/?\s*\d+([.,]\d+)?\b/g, " aperture "],
  [/\biso\s*\d+\b/g, " iso "],
  [/\b\d+\s*mm\b/g, " millimetres lens "],
  [/\b\d{1,2}[:.]\d\d\b/g, " hour "],
  [/\b\d+\s*(hz|hertz)\b/g, " hertz "],
];

/** What is written or asked as the words that count. */
function words(text: string): string[] {
  const plain = FIGURES.reduce(
    (t, [is, stands]) => t.replace(is, stands),
    text.toLowerCase().replace(/[’`]/g, "'"),
  );
  return plain.split(/[^\p{L}\p{N}]+/u).filter((word) => word.length > 1 && !EMPTY.has(word));
}

/** What is asked as the stems of its words (Porter 1980): forms of one word meet in it. */
export const wordsOf = (text: string): string[] => words(text).map(stemmer);

/** Letters from which a word may have one wrong, and two. */
const SLIPS = { one: 5, two: 8 };
/** Share of the words asked that have to be met as they are written, or all but a slip: less, and it is another question. */
const MET = 0.5;

/** Finds what answers a question, the likeliest first; nothing where too few of its words are met. */
export function finderOf<T extends Findable>(all: readonly T[]): (ask: string) => T[] {
  const byId = new Map(all.map((one) => [one.id, one]));
  const index = new MiniSearch<Findable>({
    fields: ["title", "asked", "words", "says"],
    extractField: (one, field) => {
      if (field === "asked") return (one.questions ?? []).join(" ");
      return (one as unknown as Record<string, string | undefined>)[field] ?? "";
    },
    tokenize: words,
    // The word as it is written besides: a slip may lie in what the stem leaves out.
    processTerm: (word) => [stemmer(word), word],
  });
  index.addAll([...all]);
  return (ask) => {
    const asked = [...new Set(wordsOf(ask))];
    if (asked.length === 0) return [];
    const found = index.search(ask, {
      processTerm: stemmer,
      prefix: (term) => term.length >= 3,
      fuzzy: (term) => (term.length >= SLIPS.two ? 2 : term.length >= SLIPS.one ? 1 : false),
      boost: { title: 2.2, asked: 1.6, words: 1.3, says: 0.5 },
      weights: { fuzzy: 0.35, prefix: 0.6 },
    });
    // Who is met by more of the words comes first, then who is met better.
    return found
      .filter((hit) => isMet(hit, asked))
      .sort((a, b) => b.queryTerms.length - a.queryTerms.length || b.score - a.score)
      .map(({ id }) => byId.get(id as string)!);
  };
}

/** Whether a hit answers what was asked: half of the words as they are written, or more than half with a slip. */
function isMet({ queryTerms, terms }: SearchResult, asked: readonly string[]): boolean {
  // One word alone is perhaps not typed to its end.
  const written = queryTerms.filter((term) =>
    terms.some((met) => (asked.length === 1 ? met.startsWith(term) : met === term)),
  );
  return written.length >= MET * asked.length || queryTerms.length > MET * asked.length;
}
