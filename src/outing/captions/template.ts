/** A part of a template: words, a field, or a condition that stands only where all fields in it have something to say. */
type Part =
  | { readonly kind: "words"; readonly words: string }
  | { readonly kind: "field"; readonly field: string; readonly list?: string }
  | { readonly kind: "if"; readonly parts: readonly Part[] };

/** A fault of a template, with the sign at which it lies. */
export interface TemplateFault {
  readonly code: "unknown-field" | "not-closed" | "not-opened" | "empty-field";
  /** Signs from the beginning, 0 or more. */
  readonly at: number;
  readonly what: string;
  /** The field that may be meant. */
  readonly perhaps?: string;
}

/** What the fields of a caption say; several where a field is a list, none where there is nothing to say. */
export type CaptionFields = Readonly<Record<CaptionField, readonly string[]>>;

export const CAPTION_FIELDS = [
  "person",
  "number",
  "club",
  "event",
  "shot",
  "subject",
  "scientific",
  "sport",
  "outing",
  "place",
  "position",
  "date",
  "time",
  "year",
  "creator",
] as const;
export type CaptionField = (typeof CAPTION_FIELDS)[number];

const isField = (text: string): text is CaptionField => (CAPTION_FIELDS as readonly string[]).includes(text);

/** How many changes of a sign make one word of another (Levenshtein 1966, from memory). */
function changesBetween(a: string, b: string): number {
  let row = Array.from({ length: b.length + 1 }, (_, i) => i);
  for (let i = 1; i <= a.length; i++) {
    const next = [i];
    for (let j = 1; j <= b.length; j++)
      next[j] = Math.min(row[j]! + 1, next[j - 1]! + 1, row[j - 1]! + (a[i - 1] === b[j - 1] ? 0 : 1));
    row = next;
  }
  return row[b.length]!;
}

function perhapsMeant(text: string): string | undefined {
  const [best] = CAPTION_FIELDS.map((field) => ({
    field,
    by: changesBetween(text.toLowerCase(), field),
  })).toSorted((a, b) => a.by - b.by);
  return best && best.by <= Math.max(2, text.length / 2) ? best.field : undefined;
}

/**
 * A template read: `{field}`, `{field; }` for a list with its own sign between, `[ … ]` for what stands only where its fields say
 * something. "\{" and the like are the sign itself.
 */
export function readTemplate(text: string): {
  readonly parts: readonly Part[];
  readonly faults: readonly TemplateFault[];
} {
  const faults: TemplateFault[] = [];
  let at = 0;
  const until = (end: "]" | undefined, opened: number): Part[] => {
    const parts: Part[] = [];
    let words = "";
    const flush = (): void => {
      if (words) parts.push({ kind: "words", words });
      words = "";
    };
    while (at < text.length) {
      const sign = text[at]!;
      if (sign === "\\" && at + 1 < text.length) words += text[++at]!;
      else if (sign === "{") {
        flush();
        parts.push(...fieldAt());
        continue;
      } else if (sign === "[") {
        flush();
        at++;
        parts.push({ kind: "if", parts: until("]", at - 1) });
        continue;
      } else if (sign === "]" && end === "]") {
        at++;
        flush();
        return parts;
      } else if (sign === "]" || sign === "}") faults.push({ code: "not-opened", at, what: sign });
      else words += sign;
      at++;
    }
    if (end) faults.push({ code: "not-closed", at: opened, what: "[" });
    flush();
    return parts;
  };
  const fieldAt = (): Part[] => {
    const from = at;
    const close = text.indexOf("}", at);
    if (close < 0) {
      faults.push({ code: "not-closed", at: from, what: "{" });
      at = text.length;
      return [];
    }
    at = close + 1;
    const [name = "", ...between] = text.slice(from + 1, close).split(";");
    const field = name.trim();
    if (field === "") faults.push({ code: "empty-field", at: from, what: "{}" });
    else if (!isField(field)) {
      const perhaps = perhapsMeant(field);
      faults.push({ code: "unknown-field", at: from, what: field, ...(perhaps && { perhaps }) });
    } else return [{ kind: "field", field, ...(between.length > 0 && { list: between.join(";") }) }];
    return [];
  };
  const parts = until(undefined, 0);
  return { parts, faults };
}

/** "A", "A and B", "A, B and C". */
export const listed = (all: readonly string[]): string =>
  all.length < 2 ? (all[0] ?? "") : `${all.slice(0, -1).join(", ")} and ${all.at(-1)}`;

function written(part: Part, fields: CaptionFields): { readonly text: string; readonly lacks: boolean } {
  if (part.kind === "words") return { text: part.words, lacks: false };
  if (part.kind === "field") {
    const values = fields[part.field as CaptionField];
    return {
      text: part.list === undefined ? listed(values) : values.join(part.list),
      lacks: values.length === 0,
    };
  }
  const inner = part.parts.map((p) => written(p, fields));
  return { text: inner.some((p) => p.lacks) ? "" : inner.map((p) => p.text).join(""), lacks: false };
}

/** What a template says of a frame; fields that have nothing to say leave nothing, nor the gap before a comma. */
export const captionOf = (template: string, fields: CaptionFields): string =>
  readTemplate(template)
    .parts.map((part) => written(part, fields).text)
    .join("")
    .replaceAll(/\s+/g, " ")
    .replaceAll(/\s+([,.;:])/g, "$1")
    .replaceAll(/([,;:])(?:\s*[,;:])+/g, "$1")
    .replaceAll(/,(\s*\.)/g, "$1")
    .replace(/^[\s,;:]+|[\s,;:]+$/g, "");

/** What a list of words says, parted by commas: a field by itself gives each of its values. */
export function wordsOf(templates: string, fields: CaptionFields): string[] {
  const said = templates.split(",").flatMap((template) => {
    const field = /^\s*\{([^};]+)\}\s*$/.exec(template)?.[1]?.trim() ?? "";
    return isField(field) ? fields[field] : [captionOf(template, fields)];
  });
  return [...new Set(said.filter((word) => word !== ""))];
}
