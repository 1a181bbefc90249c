import { DOMParser, type Element } from "@xmldom/xmldom";
import { ratingIn } from "./rating-in";
import { sidecarWith, type Sidecar } from "./sidecar";

const SAID: Sidecar = {
  title: "Ada Finch",
  description: "Ada Finch & <Mo> “Lund”, Semi-final at Quarry Lane, 17 October 2026",
  keywords: ["Field hockey", "Quarry Lane"],
  creator: "Sam Roe",
  credit: "Perch Pictures",
  rights: "© 2026 Sam Roe",
  terms: "One use, with the credit",
  persons: ["Ada Finch", "Mo Lund"],
  event: "Semi-final",
  location: "Quarry Lane",
  rating: 3,
};

const NS = {
  rdf: "http://www.w3.org/1999/02/22-rdf-syntax-ns#",
  dc: "http://purl.org/dc/elements/1.1/",
  xmp: "http://ns.adobe.com/xap/1.0/",
  rights: "http://ns.adobe.com/xap/1.0/rights/",
  ext: "http://iptc.org/std/Iptc4xmpExt/2008-02-29/",
  core: "http://iptc.org/std/Iptc4xmpCore/1.0/xmlns/",
};

const read = (text: string) => new DOMParser().parseFromString(text, "text/xml");
const written = (standing?: string, said = SAID): string => {
  const made = sidecarWith(said, standing);
  if (!made.ok) throw new Error(made.reason);
  return made.text;
};
/** The words of a property by the second library. */
const says = (text: string, ns: string, name: string): string[] => {
  const [property] = [...read(text).getElementsByTagNameNS(ns, name)];
  if (!property) return [];
  const items = [...property.getElementsByTagNameNS(NS.rdf, "li")];
  return (items.length > 0 ? items : [property]).map((e) => e.textContent ?? "");
};

test("a new sidecar says what was said, read back by another library", () => {
  const text = written();
  expect(says(text, NS.dc, "title")).toEqual(["Ada Finch"]);
  expect(says(text, NS.dc, "description")).toEqual([SAID.description]);
  expect(says(text, NS.dc, "subject")).toEqual(SAID.keywords);
  expect(says(text, NS.dc, "creator")).toEqual(["Sam Roe"]);
  expect(says(text, NS.dc, "rights")).toEqual(["© 2026 Sam Roe"]);
  expect(says(text, NS.rights, "UsageTerms")).toEqual([SAID.terms]);
  expect(says(text, NS.rights, "Owner")).toEqual(["Perch Pictures"]);
  expect(says(text, NS.ext, "PersonInImage")).toEqual(SAID.persons);
  expect(says(text, NS.ext, "Event")).toEqual(["Semi-final"]);
  expect(says(text, NS.core, "Location")).toEqual(["Quarry Lane"]);
  expect(says(text, NS.xmp, "Rating")).toEqual(["3"]);
});

test("what is empty is not written", () => {
  const text = written(undefined, { ...SAID, title: "", terms: "", persons: [], rating: undefined });
  for (const [ns, name] of [
    [NS.dc, "title"],
    [NS.rights, "UsageTerms"],
    [NS.ext, "PersonInImage"],
    [NS.xmp, "Rating"],
  ] as const)
    expect(says(text, ns, name)).toEqual([]);
});

const STANDING = `<?xml version="1.0" encoding="UTF-8"?>
<!-- by another hand -->
<x:xmpmeta xmlns:x="adobe:ns:meta/" x:xmptk="some kit 1.0">
 <r:RDF xmlns:r="${NS.rdf}">
  <r:Description r:about="" xmlns:own="urn:own:1" xmlns:xmp="${NS.xmp}" xmlns:elements="${NS.dc}"
    xmp:Rating="4" own:Choice="a &amp; b" own:Empty="">
   <own:Steps><r:Seq><r:li own:at="1">crop <![CDATA[<7>]]></r:li><r:li/></r:Seq></own:Steps>
   <elements:description><r:Alt><r:li xml:lang="x-default">old words</r:li><r:li xml:lang="de">alte Worte</r:li><r:li xml:lang="fr">vieux mots</r:li></r:Alt></elements:description>
   <elements:subject><r:Bag><r:li>kept word</r:li><r:li>Quarry Lane</r:li></r:Bag></elements:subject>
  </r:Description>
  <r:Description r:about="" xmlns:far="urn:far"><far:Deep><far:er r:parseType="Resource"><far:x>1</far:x></far:er></far:Deep></r:Description>
 </r:RDF>
</x:xmpmeta>`;

/** An element in one form, whatever its prefixes and its order of attributes: names with their spaces, words as they are. */
function canonical(node: Element): string {
  const attributes = [...node.attributes]
    .filter((a) => a.namespaceURI !== "http://www.w3.org/2000/xmlns/")
    .map((a) => `{${a.namespaceURI ?? ""}}${a.localName}=${JSON.stringify(a.value)}`)
    .toSorted();
  const inner = [...node.childNodes]
    .map((c) =>
      c.nodeType === 1 ? canonical(c as Element) : (c.nodeValue ?? "").trim() && JSON.stringify(c.nodeValue),
    )
    .join("");
  return `<{${node.namespaceURI}}${node.localName} ${attributes.join(" ")}>${inner}</>`;
}
const foreign = (text: string): string[] => {
  const all = [...read(text).getElementsByTagName("*")] as Element[];
  return all.filter((e) => e.namespaceURI?.startsWith("urn:")).map(canonical);
};

test("what another program wrote stays: elements, attributes, spaces, languages, its rating", () => {
  const text = written(STANDING);
  expect(foreign(STANDING)).toHaveLength(4);
  expect(foreign(text)).toEqual(foreign(STANDING));
  const description = [...read(text).getElementsByTagNameNS(NS.rdf, "Description")][0]!;
  expect(description.getAttributeNS("urn:own:1", "Choice")).toBe("a & b");
  expect(description.getAttributeNS("urn:own:1", "Empty")).toBe("");
  expect(description.getAttributeNS(NS.xmp, "Rating")).toBe("4");
  expect(says(text, NS.xmp, "Rating")).toEqual([]);
  expect(says(text, NS.dc, "description")).toEqual([SAID.description, "alte Worte", "vieux mots"]);
  expect(says(text, NS.dc, "subject")).toEqual(["kept word", "Quarry Lane", "Field hockey"]);
  expect(read(text).documentElement?.getAttributeNS("adobe:ns:meta/", "xmptk")).toBe("some kit 1.0");
});

test("writing twice changes nothing any more", () => {
  const once = written(STANDING);
  const twice = written(once);
  expect(canonical(read(twice).documentElement!)).toBe(canonical(read(once).documentElement!));
});

test("a sidecar that cannot be read is refused, and one whose prefixes mean two things", () => {
  for (const bad of [
    "",
    "no xml",
    "<a><b></a>",
    "<a/>",
    STANDING.replace("</r:RDF>", ""),
    STANDING.replace('xmlns:far="urn:far"', 'xmlns:own="urn:far"').replaceAll("far:", "own:"),
  ])
    expect([bad.slice(0, 12), sidecarWith(SAID, bad).ok]).toEqual([bad.slice(0, 12), false]);
});

test("a rating is read from either form", () => {
  expect(ratingIn(STANDING)).toBe(4);
  expect(ratingIn(written())).toBe(3);
  expect(ratingIn("<a/>")).toBeUndefined();
  expect(ratingIn(STANDING.replace('Rating="4"', 'Rating="9"'))).toBeUndefined();
});
