import type { Person } from "@/data";

/** Letters and figures in small letters without accents, a blank between words; what parts entries of a list stays. */
const plain = (text: string): string =>
  text
    .normalize("NFD")
    .replace(/\p{M}/gu, "")
    .toLowerCase()
    .replace(/[^\p{L}\p{N}#;\n]+/gu, " ")
    .replace(/ ?[;\n] ?/g, " ; ")
    .trim();

/** "Ida Roth" is also written "Roth, Ida". */
function waysToWrite(name: string): string[] {
  const parts = plain(name).split(" ");
  return parts.length < 2 ? parts : [parts.join(" "), [parts.at(-1), ...parts.slice(0, -1)].join(" ")];
}

/** Where whole words stand within others; −1 where they do not. */
const wordsAt = (within: string, words: string): number => ` ${within} `.indexOf(` ${words} `);

/** How a list names somebody in an event: by the name, or by the number after a # or “no”; the lane stands before the name. */
export function foundIn(
  { name, number }: Pick<Person, "name" | "number">,
  text: string,
): { readonly by: "name" | "number"; readonly lane?: string } | undefined {
  const list = plain(text);
  for (const written of waysToWrite(name)) {
    const at = wordsAt(list, written);
    if (at < 0) continue;
    const [, lane] = /(?:^| )(\d{1,2})(?: \p{L})?$/u.exec(list.slice(0, at).trim()) ?? [];
    return { by: "name", ...(lane && { lane }) };
  }
  const wanted = number && plain(number);
  const numbered =
    wanted && [`#${wanted}`, `no ${wanted}`, `number ${wanted}`].some((words) => wordsAt(list, words) >= 0);
  return numbered ? { by: "number" } : undefined;
}
