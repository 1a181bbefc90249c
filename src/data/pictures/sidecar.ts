import { XMLBuilder, XMLParser, XMLValidator } from "fast-xml-parser";

/** What is said of a picture, in the fields of IPTC as XMP has them (ISO 16684-1); what is empty is not written. */
export interface Sidecar {
  readonly title: string;
  readonly description: string;
  readonly keywords: readonly string[];
  readonly creator: string;
  readonly credit: string;
  readonly rights: string;
  readonly terms: string;
  readonly persons: readonly string[];
  readonly event: string;
  readonly location: string;
  /** −1 to 5, as it was read; one that a sidecar has stays. */
  readonly rating?: number;
}

export type SidecarWritten =
  { readonly ok: true; readonly text: string } | { readonly ok: false; readonly reason: "unreadable" };

const NS = {
  x: "adobe:ns:meta/",
  rdf: "http://www.w3.org/1999/02/22-rdf-syntax-ns#",
  dc: "http://purl.org/dc/elements/1.1/",
  xmp: "http://ns.adobe.com/xap/1.0/",
  xmpRights: "http://ns.adobe.com/xap/1.0/rights/",
  Iptc4xmpCore: "http://iptc.org/std/Iptc4xmpCore/1.0/xmlns/",
  Iptc4xmpExt: "http://iptc.org/std/Iptc4xmpExt/2008-02-29/",
} as const;
type Space = keyof typeof NS;

/** How a property holds what it says: in languages, as a set, in an order, or by itself. */
type Holds = "alt" | "bag" | "seq" | "text";

interface Property {
  readonly space: Space;
  readonly name: string;
  readonly holds: Holds;
  /** Whether what a sidecar has already stays beside what is new (bags), or instead of it. */
  readonly stands: "gives-way" | "stays";
  readonly values: (of: Sidecar) => readonly string[];
}

const one = (text: string): readonly string[] => (text === "" ? [] : [text]);

/** IPTC has the credit line in a space of a program's name: here it stands as owner of the rights (docs/decisions). */
const PROPERTIES: readonly Property[] = [
  { space: "dc", name: "title", holds: "alt", stands: "gives-way", values: (s) => one(s.title) },
  { space: "dc", name: "description", holds: "alt", stands: "gives-way", values: (s) => one(s.description) },
  { space: "dc", name: "subject", holds: "bag", stands: "stays", values: (s) => s.keywords },
  { space: "dc", name: "creator", holds: "seq", stands: "gives-way", values: (s) => one(s.creator) },
  { space: "dc", name: "rights", holds: "alt", stands: "gives-way", values: (s) => one(s.rights) },
  { space: "xmpRights", name: "UsageTerms", holds: "alt", stands: "gives-way", values: (s) => one(s.terms) },
  { space: "xmpRights", name: "Owner", holds: "bag", stands: "gives-way", values: (s) => one(s.credit) },
  {
    space: "Iptc4xmpCore",
    name: "Location",
    holds: "text",
    stands: "gives-way",
    values: (s) => one(s.location),
  },
  {
    space: "Iptc4xmpExt",
    name: "PersonInImage",
    holds: "bag",
    stands: "gives-way",
    values: (s) => s.persons,
  },
  { space: "Iptc4xmpExt", name: "Event", holds: "alt", stands: "gives-way", values: (s) => one(s.event) },
  {
    space: "xmp",
    name: "Rating",
    holds: "text",
    stands: "stays",
    values: (s) => (s.rating === undefined ? [] : [String(s.rating)]),
  },
];

/** A node as the library keeps it in order: one tag with its children, its attributes beside; or a text. */
type Node = Record<string, unknown>;
const ATTRIBUTES = ":@";
const MARK = "@_";
const TEXT = "#text";

const OPTIONS = {
  preserveOrder: true,
  ignoreAttributes: false,
  attributeNamePrefix: MARK,
  parseTagValue: false,
  parseAttributeValue: false,
  trimValues: false,
  processEntities: false,
  commentPropName: "#comment",
  cdataPropName: "#cdata",
  suppressEmptyNode: false,
} as const;

const tagOf = (node: Node): string => Object.keys(node).find((key) => key !== ATTRIBUTES)!;
const childrenOf = (node: Node): Node[] => {
  const found = node[tagOf(node)];
  return Array.isArray(found) ? (found as Node[]) : [];
};
const attributesOf = (node: Node): Record<string, string> =>
  (node[ATTRIBUTES] ?? {}) as Record<string, string>;
const element = (tag: string, children: Node[], attributes: Record<string, string> = {}): Node => ({
  [tag]: children,
  ...(Object.keys(attributes).length > 0 && { [ATTRIBUTES]: attributes }),
});

/** A text as it stands in XML. */
const escaped = (text: string): string =>
  text
    .replaceAll("&", "&amp;")
    .replaceAll("<", "&lt;")
    .replaceAll(">", "&gt;")
    // What no XML can hold.
    .replaceAll(/[^\t\n\r\u0020-\ud7ff\ue000-\ufffd\u{10000}-\u{10ffff}]/gu, "");

const text = (words: string): Node => ({ [TEXT]: escaped(words) });

/** Every namespace that a document declares, by its prefix; nothing where one prefix means two. */
function spacesIn(
  nodes: readonly Node[],
  known = new Map<string, string>(),
): Map<string, string> | undefined {
  for (const node of nodes) {
    if (TEXT in node) continue;
    for (const [name, uri] of Object.entries(attributesOf(node))) {
      const prefix = name.startsWith(`${MARK}xmlns:`) ? name.slice(MARK.length + 6) : undefined;
      if (prefix === undefined) continue;
      if (known.has(prefix) && known.get(prefix) !== uri) return undefined;
      known.set(prefix, uri);
    }
    if (!spacesIn(childrenOf(node), known)) return undefined;
  }
  return known;
}

function found(nodes: readonly Node[], tag: string): Node[] {
  return nodes.flatMap((node) => {
    if (TEXT in node) return [];
    return [...(tagOf(node) === tag ? [node] : []), ...found(childrenOf(node), tag)];
  });
}

const EMPTY = `<?xpacket begin="\ufeff" id="W5M0MpCehiHzreSzNTczkc9d"?>
<x:xmpmeta xmlns:x="${NS.x}"><rdf:RDF xmlns:rdf="${NS.rdf}"><rdf:Description rdf:about=""></rdf:Description></rdf:RDF></x:xmpmeta>
<?xpacket end="w"?>`;

/** The prefix under which a document knows a namespace. */
const prefixOf = (spaces: ReadonlyMap<string, string>, uri: string): string | undefined =>
  [...spaces].find(([, known]) => known === uri)?.[0];

/**
 * A sidecar with what is said of its picture: a new one, or one that stands with all that is not ours left as it is, the other languages of
 * what is ours among it. What is not to be read as XMP is refused, and nothing is written over it.
 */
export function sidecarWith(said: Sidecar, standing?: string): SidecarWritten {
  const source = standing ?? EMPTY;
  if (XMLValidator.validate(source.replace(/^\ufeff/, ""), { allowBooleanAttributes: false }) !== true)
    return { ok: false, reason: "unreadable" };
  const nodes = new XMLParser(OPTIONS).parse(source) as Node[];
  const spaces = spacesIn(nodes);
  const rdf = spaces && prefixOf(spaces, NS.rdf);
  const descriptions = rdf === undefined ? [] : found(nodes, `${rdf}:Description`);
  const first = descriptions[0];
  if (!spaces || rdf === undefined || !first) return { ok: false, reason: "unreadable" };
  const declared: Record<string, string> = {};
  const prefix = (space: Space): string => {
    const known = prefixOf(spaces, NS[space]);
    if (known !== undefined) return known;
    let free: string = space;
    while (spaces.has(free)) free += "1";
    spaces.set(free, NS[space]);
    declared[`${MARK}xmlns:${free}`] = NS[space];
    return free;
  };
  for (const property of PROPERTIES) {
    const values = property.values(said);
    if (values.length > 0)
      putProperty(property, values, { rdf, tag: `${prefix(property.space)}:${property.name}`, descriptions });
  }
  if (Object.keys(declared).length > 0) first[ATTRIBUTES] = { ...attributesOf(first), ...declared };
  // What is written is what was checked: the library closes every element that it opened.
  return { ok: true, text: String(new XMLBuilder({ ...OPTIONS, format: false }).build(nodes)) };
}

interface Place {
  readonly rdf: string;
  readonly tag: string;
  readonly descriptions: readonly Node[];
}

function putProperty({ holds, stands }: Property, values: readonly string[], place: Place): void {
  const { tag, descriptions } = place;
  const home = descriptions.find((d) => childrenOf(d).some((c) => !(TEXT in c) && tagOf(c) === tag));
  const written = descriptions.find((d) => attributesOf(d)[MARK + tag] !== undefined);
  if (stands === "stays" && holds !== "bag" && (home || written)) return;
  if (written) delete attributesOf(written)[MARK + tag];
  if (!home) return void childrenOf(descriptions[0]!).push(newProperty(holds, values, place));
  const children = childrenOf(home);
  const at = children.findIndex((c) => !(TEXT in c) && tagOf(c) === tag);
  children[at] =
    holds === "text"
      ? newProperty(holds, values, place)
      : changed(children[at]!, holds, stands, values, place);
}

/** An element of the list in a property: li, in a language where it has one. */
const item = (rdf: string, words: string, language?: string): Node =>
  element(`${rdf}:li`, [text(words)], language ? { [`${MARK}xml:lang`]: language } : {});

const LIST = { alt: "Alt", bag: "Bag", seq: "Seq" } as const;

function newProperty(holds: Holds, values: readonly string[], { rdf, tag }: Place): Node {
  if (holds === "text") return element(tag, [text(values[0]!)]);
  const items = values.map((v) => item(rdf, v, holds === "alt" ? "x-default" : undefined));
  return element(tag, [element(`${rdf}:${LIST[holds]}`, items)]);
}

const wordsIn = (node: Node): string =>
  childrenOf(node)
    .map((c) => (TEXT in c ? String(c[TEXT]) : ""))
    .join("");

/** A property that stands with new words: other languages of an alternative stay, and what a set has that stays. */
function changed(
  node: Node,
  holds: Exclude<Holds, "text">,
  stands: Property["stands"],
  values: readonly string[],
  place: Place,
): Node {
  const { rdf, tag } = place;
  const list = childrenOf(node).find((c) => !(TEXT in c) && tagOf(c).startsWith(`${rdf}:`));
  if (!list) return newProperty(holds, values, place);
  const items = childrenOf(list).filter((c) => !(TEXT in c));
  const isDefault = (c: Node): boolean => attributesOf(c)[`${MARK}xml:lang`] === "x-default";
  const kept = holds === "alt" ? items.filter((c) => !isDefault(c)) : stands === "stays" ? items : [];
  const known = new Set(kept.map(wordsIn));
  const added = values
    .filter((v) => holds === "alt" || !known.has(escaped(v)))
    .map((v) => item(rdf, v, holds === "alt" ? "x-default" : undefined));
  // What stands for every language comes first (ISO 16684-1, 8.2.2.4, from memory).
  const all = holds === "alt" ? [...added, ...kept] : [...kept, ...added];
  return element(tag, [element(tagOf(list), all, attributesOf(list))], attributesOf(node));
}
