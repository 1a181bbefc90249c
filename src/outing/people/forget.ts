import type { Outing, Tag } from "@/data";
import { PARTS_OF_OUTING } from "../leaving/parts-of-outing";

/** What takes somebody out of what is kept; whoever is not in it leaves it as it is. */
export interface Forgetter {
  /** Whether a text names them. */
  readonly isNamedIn: (text: string) => boolean;
  readonly outing: (outing: Outing) => Outing;
  /** A record or a list of changes as it is stored: an outing, or whatever else is JSON; any other text by its words. */
  readonly stored: (text: string) => string;
  /** Nothing where the tag is of them alone. */
  readonly tag: (tag: Tag) => Tag | undefined;
}

/** What stands where a name stood within a sentence. */
const SOMEBODY = "somebody";

/** Keys under which somebody typed a text, in an outing, a tag and a list of changes. */
const TEXT_KEYS = new Set([
  ...PARTS_OF_OUTING.map(({ path }) => path.split(".").at(-1)!),
  ...["number", "club", "colour", "names", "words", "from", "to", "by", "form"],
]);

const wordsOf = (name: string): string[] =>
  name
    .normalize("NFD")
    .replace(/\p{M}/gu, "")
    .split(/[^\p{L}\p{N}]+/u)
    .filter(Boolean);

/** A name in either order, with accents, case and what stands between its words aside. */
function patternOf(name: string): RegExp {
  const words = wordsOf(name);
  const word = (text: string): string => [...text].map((sign) => `${sign}\\p{M}*`).join("");
  const orders = words.length < 2 ? [words] : [words, [words.at(-1)!, ...words.slice(0, -1)]];
  const either = orders.map((order) => order.map(word).join("[^\\p{L}\\p{N};\\n]{1,3}")).join("|");
  return new RegExp(`(?<![\\p{L}\\p{N}])(?:${either})(?![\\p{L}\\p{N}\\p{M}])`, "giu");
}

/** How to forget whoever has a name. Rejects no name but an empty one, which nobody has. */
export function forgetterOf(name: string): Forgetter {
  const pattern = patternOf(name);
  const within = (text: string, by: string): string => {
    const apart = text.normalize("NFD");
    const without = apart.replace(pattern, by);
    return without === apart ? text : without.normalize("NFC");
  };
  const isNamedIn = (text: string): boolean => within(text, "") !== text;
  const words = (text: string): string => within(text, SOMEBODY);
  // A name of one word may be a word of the program: ids and kinds stay.
  const isRare = wordsOf(name).length > 1;
  /** Every text of a value that stands under a key; the value itself where none names them. */
  const everywhere = <T>(value: T, under = ""): T => {
    if (typeof value === "string") return (isRare || TEXT_KEYS.has(under) ? words(value) : value) as T;
    if (typeof value !== "object" || value === null) return value;
    let isOther = false;
    const next = Object.entries(value).map(([key, one]) => {
      const told: unknown = everywhere(one as unknown, Array.isArray(value) ? under : key);
      isOther ||= told !== one;
      return [key, told] as const;
    });
    if (!isOther) return value;
    return (Array.isArray(value) ? next.map(([, one]) => one) : Object.fromEntries(next)) as T;
  };
  const list = (who: string): string =>
    who
      .replace(/[^;\n]+[;\n]?/g, (entry) => (isNamedIn(entry) ? "" : entry))
      .replace(/[;\s]+$/, "")
      .trimStart();
  const outing = (whole: Outing): Outing => everywhere(structurally(whole, isNamedIn, list));
  return {
    isNamedIn,
    outing,
    stored: (text) => {
      if (!isNamedIn(text)) return text;
      try {
        const value = JSON.parse(text) as unknown;
        return JSON.stringify(isOuting(value) ? outing(value) : everywhere(value));
      } catch {
        return words(text);
      }
    },
    tag: (tag) => {
      const names = tag.names.filter((one) => !isNamedIn(one));
      if (names.length === 0 && tag.names.length > 0) return undefined;
      return everywhere(names.length === tag.names.length ? tag : { ...tag, names });
    },
  };
}

/** Of any version: what has a list of people or of events is taken for one. */
const isOuting = (value: unknown): value is Outing =>
  typeof value === "object" && value !== null && ("people" in value || "programme" in value);

/** Without their place among one's people and in the lists of the events. */
function structurally(
  outing: Outing,
  isNamedIn: (text: string) => boolean,
  list: (who: string) => string,
): Outing {
  const { people, programme } = outing;
  const left = people?.filter((p) => !isNamedIn(p.name));
  const isListed = programme?.some((e) => e.who !== undefined && isNamedIn(e.who));
  return {
    ...outing,
    ...(left && left.length !== people!.length && { people: left }),
    ...(isListed && {
      programme: programme!.map((event) => {
        const { who, ...rest } = event;
        if (who === undefined || !isNamedIn(who)) return event;
        const others = list(who);
        return others === "" ? rest : { ...rest, who: others };
      }),
    }),
  };
}
