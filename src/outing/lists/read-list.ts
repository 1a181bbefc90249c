import { clocksIn, clockAt, minuteOf } from "./clock";
import { areHeads, rolesOf, timeColumn } from "./columns";
import type { Days } from "./day-of";
import type { EventDraft, ReadList } from "./drafts";
import { cellsOf, linesOf, type ListLine, type Parting } from "./rows";
import { readLines } from "./read-lines";
import { readTable, type Row, type Table } from "./read-table";

/** How a list is laid out: a line each, or a table with its columns. */
export type Shape =
  { readonly kind: "lines" } | (Table & { readonly kind: "table"; readonly parting: Parting });

const PARTINGS: readonly Parting[] = ["\t", ";", "|", ",", "blanks"];
/** Columns of blanks are columns from three on; two are a time and a name. */
const LEAST: Readonly<Record<Parting, number>> = { "\t": 2, ";": 2, "|": 2, ",": 3, blanks: 3 };

/** The shape of a list by what stands in it. */
export function shapeOf(text: string): Shape {
  const lines = linesOf(text).filter((l) => l.text.trim() !== "" && !l.text.trim().startsWith("#"));
  for (const parting of PARTINGS) {
    const table = tableOf(lines, parting);
    if (table) return { kind: "table", parting, ...table };
  }
  return { kind: "lines" };
}

/** The table that lines are when they are parted so; undefined where they are none. */
function tableOf(lines: readonly ListLine[], parting: Parting): Table | undefined {
  const all: Row[] = lines.map(({ line, text }) => ({
    line,
    text: text.trim(),
    cells: cellsOf(text, parting),
  }));
  const wide = all.filter((r) => r.cells.filter((c) => c !== "").length >= LEAST[parting]);
  if (wide.length < Math.max(2, lines.length * 0.5)) return undefined;
  const first = wide[0]!;
  const column = timeColumn(wide.slice(1).map((r) => r.cells));
  const heads = isHead(first, column) ? first : undefined;
  if (column < 0 && !heads) return undefined;
  // What stands above the heads is a title, but for what has a time.
  const rows = all.filter(
    (r) => r !== heads && !(heads && r.line < heads.line && clocksIn(r.text).length === 0),
  );
  const body = rows.filter((r) => wide.includes(r)).map((r) => r.cells);
  return { ...(heads && { heads }), rows, roles: rolesOf(heads?.cells, body) };
}

/** Whether the first row is the heads: by its words, or since it has a word where the others have their times. */
const isHead = ({ cells }: Row, column: number): boolean =>
  areHeads(cells) || (column >= 0 && /^[^\d]+$/.test(cells[column] ?? ""));

/** A list as it stands, read by its shape. */
export function readList(text: string, days: Days, shape: Shape = shapeOf(text)): ReadList {
  const read = shape.kind === "table" ? readTable(shape, days) : readLines(linesOf(text), days);
  return { ...read, events: inAfternoon(read.events, text) };
}

/**
 * Times that are written by a dial of twelve hours: where no hour is past twelve and none says its half of the day, an hour that comes
 * behind a later one on the same day and place is of the afternoon, and says so.
 */
function inAfternoon(events: readonly EventDraft[], text: string): readonly EventDraft[] {
  if (clocksIn(text).some((c) => c.certain)) return events;
  const latest = new Map<string, number>();
  return events.map((event) => {
    const key = `${event.day ?? 0} ${event.where ?? ""}`;
    const minute = minuteOf(event.at);
    const before = latest.get(key) ?? -1;
    const later = minute < before && minute < 8 * 60 && minute + 720 >= before;
    latest.set(key, later ? minute + 720 : minute);
    if (!later) return event;
    return { ...event, at: clockAt(minute + 720), doubts: [...(event.doubts ?? []), "afternoon" as const] };
  });
}
