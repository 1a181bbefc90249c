import type { Person } from "@/data";
import { foundIn } from "./found-in";

/** What stands behind the name of somebody who refused to be shown, wherever the name goes. */
const MARK = "(no pictures)";

const isRefused = (name: string, people: readonly Person[]): boolean =>
  people.some((p) => p.consent === "refused" && foundIn({ name: p.name }, name) !== undefined);

/** A name, marked where one's people have refused under it. */
export const nameMarked = (name: string, people: readonly Person[] = []): string =>
  isRefused(name, people) ? `${name} ${MARK}` : name;

/** A tag as it is shown, its names marked in the same way. */
export const tagMarked = <T extends { readonly names: readonly string[] }>(
  tag: T,
  people: readonly Person[] | undefined,
): T => ({ ...tag, names: tag.names.map((name) => nameMarked(name, people)) });

/** A list of who is in an event, its entries parted by ; or lines, marked in the same way. */
export const listMarked = (who: string, people: readonly Person[] = []): string =>
  who.replace(/[^;\n]+/g, (entry) => (isRefused(entry, people) ? `${entry.trimEnd()} ${MARK}` : entry));

/** A list without the marks. */
export const listUnmarked = (who: string): string => who.replaceAll(` ${MARK}`, "");
