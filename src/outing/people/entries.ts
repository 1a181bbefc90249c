import { listUnmarked } from "./refused";

/** Somebody in a start list: "4 Ida Roth (Alder)". */
export interface Entry {
  readonly name: string;
  /** The lane or start place before the name. */
  readonly lane?: string;
  readonly club?: string;
  /** Cap or shirt, as "red cap" behind the club. */
  readonly colour?: string;
}

const ENTRY = /^\s*(?:lane\s*)?(\d{1,3})?[.):]?\s*(\p{L}.*?)\s*(?:\(([^()]*)\))?\s*$/iu;
/** What somebody wears, at the end of what stands in brackets: "Alder, red cap". */
const WORN = /^(?:(.*),\s*)?([^,]+\s(?:cap|shirt|vest))\s*$/i;
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
      const [, of, colour] = WORN.exec(club ?? "") ?? [];
      const home = (colour ? of : club)?.trim();
      return [
        {
          name: name.slice(0, MOST),
          ...(lane && { lane }),
          ...(home && { club: home.slice(0, MOST) }),
          ...(colour && { colour }),
        },
      ];
    });
}
