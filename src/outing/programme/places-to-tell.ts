import type { Outing, ProgrammeEvent } from "@/data";
import { WORTH } from "./coverage-input";
import { kindOfEvent } from "./kinds";
import { roundOf } from "./rounds";

/** Events that one answer gives a place: of one kind, else of one discipline. */
export interface Placeless {
  readonly name: string;
  readonly ids: readonly string[];
  /** What they are worth together, by their priorities. */
  readonly worth: number;
}

/** Places that are asked for at once. */
const MOST = 5;

/** The answers that would change an order most: whose place is not told, those that are worth most together first. */
export function placesToTell({ programme = [] }: Pick<Outing, "programme">): Placeless[] {
  const open = new Map<string, ProgrammeEvent[]>();
  for (const event of programme) {
    if (event.place !== null || event.wish === "excluded") continue;
    const name = kindOfEvent(event)?.name ?? roundOf(event.name).discipline;
    open.set(name, [...(open.get(name) ?? []), event]);
  }
  return [...open]
    .map(([name, events]) => ({
      name,
      ids: events.map((e) => e.id),
      worth: events.reduce((sum, e) => sum + WORTH[e.priority], 0),
    }))
    .toSorted((a, b) => b.worth - a.worth)
    .slice(0, MOST);
}
