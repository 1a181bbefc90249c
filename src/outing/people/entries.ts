import { listUnmarked } from "./refused";

/** Somebody in a start list: "4 Ida Roth (Alder)". */
export interface Entry {
  readonly name: string;
  /** The lane or start place before the name. */
  readonly lane?: string;
  readonly club?: string;
}

const ENTRY = /^\s*(?:lane\s*)?(\d{1,3})?[.):]?\s*(\p{L}.*?)\s*(?:\(([^()]*)\))?\s*$/iu;
const MOST = 80;

/** Whom a list names; entries are parted by ; or lines. What has no letters is nobody. */
export function entriesOf(who = ""): Entry[] {
  return listUnmarked(who)
    .split(/[;\n]/)
    .flatMap((line) => {
      const [, before, name, club] = ENTRY.exec(line) ?? [];
      if (!name) return [];
      // Three figures are somebody's number, not a lane.
      const lane = before && before.length < 3 ? before : undefined;
      return [
        { name: name.slice(0, MOST), ...(lane && { lane }), ...(club && { club: club.slice(0, MOST) }) },
      ];
    });
}
