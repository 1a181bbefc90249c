/** Colours of caps and shirts as lists write them. */
const COLOURS =
  "red|blue|white|yellow|green|black|orange|pink|purple|violet|grey|gray|navy|gold|silver|maroon|turquoise|lime|brown";
const COLOUR = new RegExp(
  `^(?:light |dark )?(?:${COLOURS})(?:[ /-](?:${COLOURS}))?(?: cap| shirt| vest)?$`,
  "i",
);
const isColour = (text: string): boolean => COLOUR.test(text.trim());

/** A time, a height or a distance that somebody entered with, or that they have none. */
const MARK = /^(?:(?:\d{1,2}:)?\d{1,3}[.,]\d{1,2}|\d{1,2}:\d{2}|NT|NM|PB|SB|-+|–)$/i;
const AGE = /^(?:[A-Z]?\d{1,2}|\d{4})$/;
const NOBODY =
  /^(?:empty|vacant|free|open|none|no (?:swimmer|entry|show)|scratch(?:ed)?|withdrawn|bye|dns|n\/a|[-–—.]*)$/i;

/** Who is in an event, as it is kept: "4 Ida Roth, horse (Alder, red cap)"; nothing where the place is empty. */
export function entryText(who: {
  readonly lane?: string;
  readonly person: string;
  readonly others?: readonly string[];
  readonly club?: string;
  readonly cap?: string;
}): string | undefined {
  const { lane, person, others = [], club, cap } = who;
  if (NOBODY.test(person.trim())) return undefined;
  const name = [person, ...others].map(unparted).filter(Boolean).join(", ");
  const about = [club, cap && (/cap|shirt|vest/i.test(cap) ? cap : `${cap} cap`)]
    .flatMap((text) => (text ? [unparted(text)] : []))
    .join(", ");
  return [lane, about ? `${name} (${about})` : name].filter(Boolean).join(" ");
}

/** Entries are parted by ; and lines: neither stands within one. */
const unparted = (text: string): string =>
  text
    .replace(/[;\n()]+/g, " ")
    .replace(/\s+/g, " ")
    .trim();

const NUMBERED = /^(?:lane\s*)?(\d{1,4})\s*[.):]?\s+(?=\S)/i;

/** Whether a line is somebody in the event above: a lane or a number, and then a name; a distance is none. */
export const isNumbered = (line: string): boolean =>
  /^(?:lane\s*)?\d{1,4}\s*[.):]?\s+[\p{L}–-]/iu.test(line) &&
  !/^\d+\s*(?:[x×]\s*\d|(?:m|km|kg|cm|yd|mile)s?\b)/i.test(line);

/** A line of a start list as an entry; undefined where nobody is in that place. */
export function entryOf(line: string): string | undefined {
  const text = line.trim();
  const lane = NUMBERED.exec(text)?.[1];
  const rest = text.replace(NUMBERED, "");
  const kept = /\(([^()]*)\)\s*$/.test(rest) ? rest : undefined;
  if (kept) return [lane, kept].filter(Boolean).join(" ");
  const cells = rest.split(/\t|\s{2,}/).filter((c) => !MARK.test(c.trim()));
  if (cells.length > 1) {
    const [person = "", ...more] = cells.filter((c, i) => i === 0 || !AGE.test(c.trim()));
    const cap = more.find(isColour);
    const [club, ...others] = more.filter((c) => c !== cap);
    return entryText({ lane, person, club, cap, others });
  }
  return entryText({ lane, ...inWords(cells[0] ?? rest) });
}

/** "Mia Norden 11 Millpond 1:32.40", "Mara Quell - Thistledown": a name, and what stands behind an age or a stroke. */
function inWords(text: string): Parameters<typeof entryText>[0] {
  const words = text.trim().split(" ");
  while (words.length > 1 && MARK.test(words.at(-1)!)) words.pop();
  const age = words.findIndex((w, i) => i >= 2 && AGE.test(w));
  if (age > 0 && age < words.length - 1)
    return { person: words.slice(0, age).join(" "), club: words.slice(age + 1).join(" ") };
  const [person = "", ...others] = words
    .slice(0, age > 0 ? age : undefined)
    .join(" ")
    .split(/\s+[-–—]\s+/);
  return { person, others };
}
