import Papa from "papaparse";

/** What parts the cells of a table; "blanks" are two and more of them, as a page pastes its columns. */
export type Parting = "\t" | ";" | "|" | "," | "blanks";

/** A line of a list as it stands, with its number in the text from 1; a quoted cell may hold several lines. */
export interface ListLine {
  readonly line: number;
  readonly text: string;
}

/** The lines of a text; a cell that is quoted over several lines stays in one. */
export function linesOf(text: string): ListLine[] {
  const lines: { line: number; text: string }[] = [];
  let open = false;
  text.split(/\r\n|\r|\n/).forEach((raw, i) => {
    const last = lines.at(-1);
    if (open && last) last.text += `\n${raw}`;
    else lines.push({ line: i + 1, text: raw });
    const whole = lines.at(-1)!.text;
    open =
      /(?:^|[\t;,])"/.test(whole) && (whole.match(/"/g) ?? []).length % 2 === 1 && whole.length < MOST_QUOTED;
  });
  return lines;
}

/** A quote that does not close within so many characters was none. */
const MOST_QUOTED = 2000;

/** A cell in quotes that a spreadsheet is kept from taking for a formula. */
const HELD = /^'(?=[=+\-@\t\r])/;

/** The cells of a line. */
export function cellsOf(text: string, parting: Parting): string[] {
  if (parting === "blanks") return text.trim().split(/\t|\s{2,}/);
  const [row = []] = Papa.parse<string[]>(text, { delimiter: parting }).data;
  return row.map((cell) => cell.replace(HELD, "").trim());
}
