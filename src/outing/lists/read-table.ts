import { roundsIn } from "@/core/catalogue";
import { clockOf, clocksIn, minutesBetween, minutesOf, type ClockFound } from "./clock";
import { isPlace, type Role } from "./columns";
import { daysMeant, isDay, type Days } from "./day-of";
import {
  MOST_MINUTES,
  MOST_NAME,
  MOST_SET_UP,
  MOST_WHO,
  type EventDraft,
  type LineFault,
  type OtherLine,
  type ReadList,
  type RefusedLine,
} from "./drafts";
import { entryText } from "./entry";

/** A row of a table with the line that it stands in. */
export interface Row {
  readonly line: number;
  readonly text: string;
  readonly cells: readonly string[];
}

export interface Table {
  /** The row of heads, where there is one. */
  readonly heads?: Row;
  readonly rows: readonly Row[];
  /** A role for each column. */
  readonly roles: readonly Role[];
}

/**
 * "30/20/10", or the times of a day at which it is called, as minutes before the start, the first call first; nothing is no calls, undefined what
 * cannot be read.
 */
function callsOf(text: string, at: string): number[] | undefined {
  if (text === "") return [];
  const clocks = clocksIn(text);
  if (clocks.length > 0) {
    const before = clocks.map((c) => minutesBetween(c.at, at)).sort((a, b) => b - a);
    return before.length <= 3 && before[0]! <= 600 ? before : undefined;
  }
  const calls = text
    .split(/[^0-9]+/)
    .filter(Boolean)
    .map(Number);
  const ok = calls.length > 0 && calls.length <= 3 && calls.every((c) => c <= 600);
  return ok ? calls.sort((a, b) => b - a) : undefined;
}

/** The cells of one row by what their columns hold. */
class Cells {
  constructor(
    private readonly row: Row,
    private readonly table: Table,
  ) {}
  /** Every filled cell of a role, with the head of its column. */
  all(role: Role): { readonly text: string; readonly head: string; readonly column: number }[] {
    return this.table.roles.flatMap((r, column) => {
      const text = (this.row.cells[column] ?? "").trim();
      const head = (this.table.heads?.cells[column] ?? "").trim();
      return r === role && text !== "" ? [{ text, head, column }] : [];
    });
  }
  one(role: Role): string {
    return this.all(role)[0]?.text ?? "";
  }
}

/** What a number under "Pitch" or "Court" is called: "Pitch 2". */
const placeText = ({ text, head }: { text: string; head: string }): string =>
  /^[\dA-H]{1,2}$/i.test(text) && /^\p{L}+$/u.test(head) && !/^(where|place|location|area)$/i.test(head)
    ? `${head} ${text}`
    : text;

/** The name of an event from its columns, in the order in which they stand. */
function nameOf(cells: Cells): string {
  const base = [...cells.all("name"), ...cells.all("more")]
    .toSorted((a, b) => a.column - b.column)
    .map((c) => c.text)
    .join(" ");
  const sides = cells.all("side").map((c) => c.text);
  const pool = cells.one("pool");
  const heat = cells.one("heat");
  const named = [base, sides.join(" v ")].filter(Boolean).join(": ");
  return [
    pool && named ? `${pool}: ${named}` : named,
    cells.one("round"),
    /^\d+$/.test(heat) ? `heat ${heat}` : heat,
  ]
    .filter(Boolean)
    .join(", ")
    .slice(0, MOST_NAME);
}

/** Who stands in a row: one person, or a crew for each lane. */
function whoOf(cells: Cells): string[] {
  const crews = cells
    .all("crew")
    .map(({ text, head }) => entryText({ lane: /\d{1,2}$/.exec(head)?.[0], person: text }));
  const persons = cells.all("person").map(({ text }) => text);
  const listed =
    persons.length === 0
      ? undefined
      : // A cell that lists several already stays as it is written.
        /[;\n]|\(/.test(persons[0]!)
        ? persons[0]
        : entryText({
            lane: cells.one("lane"),
            person: persons[0]!,
            others: [...persons.slice(1), ...cells.all("with").map((c) => c.text)],
            club: cells.one("club"),
            cap: cells.one("cap"),
          });
  return [...crews, listed].filter((who) => who !== undefined && who !== "") as string[];
}

type When = Pick<EventDraft, "minutes" | "day" | "doubts">;

/** How long a row lasts and on which day it is, or why that cannot be read. */
function whenOf(
  cells: Cells,
  at: ClockFound,
  days: Days,
  above: readonly number[] | undefined,
): When | LineFault {
  const until = cells.one("until") === "" ? at.until : clockOf(cells.one("until"))?.at;
  const told = cells.one("minutes");
  const minutes = told === "" ? until && minutesBetween(at.at, until) : minutesOf(told);
  if ((told !== "" && minutes === undefined) || Number(minutes ?? 0) > MOST_MINUTES) return "bad-length";
  const meant = cells.one("day") === "" ? above : daysMeant(cells.one("day"), days);
  if (meant?.length === 0) return "bad-day";
  return {
    ...(minutes !== undefined && minutes !== "" && { minutes }),
    ...(meant && days.count > 1 && { day: meant[0] }),
    ...(meant && meant.length > 1 && { doubts: ["which-day"] }),
  };
}

/** What else a row tells of its event, or why that cannot be read. */
function restOf(
  cells: Cells,
  at: string,
): Pick<EventDraft, "priority" | "calls" | "setUp" | "rounds" | "group" | "where"> | LineFault {
  const priority = cells.one("priority");
  if (priority !== "" && !/^[123]$/.test(priority)) return "bad-priority";
  const calls = callsOf(cells.one("calls"), at);
  if (!calls) return "bad-calls";
  const setUp = cells.one("setUp") === "" ? undefined : minutesOf(cells.one("setUp"));
  if (cells.one("setUp") !== "" && !(setUp !== undefined && setUp <= MOST_SET_UP)) return "bad-set-up";
  const rounds = roundsOf(cells.one("rounds"));
  const [where] = cells.all("where");
  return {
    ...(priority !== "" && { priority: Number(priority) as 1 | 2 | 3 }),
    ...(calls.length > 0 && { calls }),
    ...(setUp !== undefined && { setUp }),
    ...(rounds && { rounds }),
    ...(cells.one("group") && { group: cells.one("group").slice(0, MOST_NAME) }),
    ...(where && { where: placeText(where) }),
  };
}

/** Rounds that a cell of its own counts: "6", "3+3", "4 attempts"; undefined where it counts none. */
const roundsOf = (cell: string): number | undefined =>
  roundsIn(/^\d{1,2}$/.test(cell.trim()) ? `${cell} rounds` : cell);

/** Roles that name an event; without them somebody who is in it does. */
const NAMING: readonly Role[] = ["name", "more", "side", "game"];

/** The days and the place under which the rows stand. */
interface Above {
  readonly days: Days;
  day: readonly number[] | undefined;
  place: string | undefined;
}

/** What a row begins: an event, one for each place of a grid, one for each of several starts; or why that cannot be read. */
function eventsOf(row: Row, table: Table, above: Above): EventDraft[] | LineFault {
  const cells = new Cells(row, table);
  const starts = [...cells.all("at"), ...cells.all("stage")].map((c) => ({
    clock: clockOf(c.text),
    stage: table.roles[c.column] === "stage" ? c.head : "",
  }));
  const who = whoOf(cells);
  const named = table.roles.some((role) => NAMING.includes(role));
  const events: EventDraft[] = [];
  for (const { clock, stage } of starts) {
    if (!clock) return "bad-time";
    const when = whenOf(cells, clock, above.days, above.day);
    if (typeof when === "string") return when;
    const rest = restOf(cells, clock.at);
    if (typeof rest === "string") return rest;
    const common = { at: clock.at, ...when, ...rest, line: row.line };
    const games = cells.all("game");
    events.push(
      ...games.map(({ text, head }) => ({ ...common, name: text.slice(0, MOST_NAME), where: head })),
    );
    if (table.roles.includes("game")) continue;
    const name = [nameOf(cells) || (named ? "" : cells.one("person")), stage].filter(Boolean).join(", ");
    if (name === "") return "no-name";
    events.push(joined({ ...common, name: name.slice(0, MOST_NAME), where: rest.where ?? above.place }, who));
  }
  return events;
}

/**
 * A table by the roles of its columns. A row each, or a row for each place of a grid; rows of one time and name that differ in who is in
 * them are one event. A row of one cell is a day, a place or a title.
 */
export function readTable(table: Table, days: Days): ReadList {
  const events: EventDraft[] = [];
  const refused: RefusedLine[] = [];
  const passed: OtherLine[] = [];
  const { roles } = table;
  if (
    !roles.some((r) => r === "at" || r === "stage") ||
    !roles.some((r) => r === "person" || NAMING.includes(r))
  ) {
    const first = table.heads ?? table.rows[0];
    return {
      events,
      passed,
      refused: [{ line: first?.line ?? 1, text: first?.text ?? "", fault: "no-columns" }],
    };
  }
  const above: Above = { days, day: undefined, place: undefined };
  for (const row of table.rows) {
    const { line, text } = row;
    const [only, ...others] = row.cells.filter((c) => c.trim() !== "");
    if (only === undefined) continue;
    const cells = new Cells(row, table);
    const begins = cells.one("at") !== "" || cells.one("stage") !== "";
    const last = events.at(-1);
    if (begins) {
      const read = eventsOf(row, table, above);
      if (typeof read === "string") refused.push({ line, text, fault: read });
      else for (const event of read) if (!addedTo(events, event)) events.push(event);
    } else if (others.length === 0) {
      if (isDay(only)) above.day = daysMeant(only, days);
      else if (isPlace(only)) above.place = only.trim();
      else passed.push({ line, text });
    } else if (last && whoOf(cells).length > 0 && ["", last.name].includes(nameOf(cells))) {
      // A heat tells its time once, and its lanes follow.
      events[events.length - 1] = joined(last, whoOf(cells));
    } else refused.push({ line, text, fault: "no-time" });
  }
  return { events: events.map(withoutEmpty), refused, passed };
}

/** Puts who is in a row into the event before it, where that is the same; whether it is. */
function addedTo(events: EventDraft[], { name, at, day, who }: EventDraft): boolean {
  const last = events.at(-1);
  if (!who || last?.name !== name || last.at !== at || last.day !== day) return false;
  events[events.length - 1] = joined(last, [who]);
  return true;
}

const joined = (event: EventDraft, who: readonly string[]): EventDraft => ({
  ...event,
  who: [event.who, ...who].filter(Boolean).join("; ").slice(0, MOST_WHO),
});

function withoutEmpty({ who, where, ...event }: EventDraft): EventDraft {
  return { ...event, ...(where && { where }), ...(who && { who }) };
}
