import { readdirSync, readFileSync } from "node:fs";
import { join } from "node:path";
import type { Days } from "./day-of";

/** What a line of a sample says, as it was written down by hand beside it. */
export interface Told {
  readonly line: number;
  readonly events: readonly {
    /** Undefined where the list tells no time, which a reading has to say. */
    readonly at?: string;
    readonly name: string;
    readonly minutes?: number;
    readonly day?: number;
    readonly where?: string;
    readonly calls?: readonly number[];
  }[];
  readonly who: readonly string[];
  readonly fault?: string;
}

export interface Sample {
  readonly name: string;
  readonly days: Days;
  readonly text: string;
  readonly told: readonly Told[];
}

const valueOf = (rest: string, key: string): string | undefined =>
  new RegExp(`${key}=(.*?)(?= \\w+=|$)`).exec(rest)?.[1]?.trim();

function toldOf(line: number, marks: readonly string[]): Told {
  const events = marks
    .filter((m) => m.startsWith("E "))
    .map((mark) => {
      const [at = "", name = "", rest = ""] = mark.slice(2).split(" | ");
      const [minutes, day, where, calls] = ["min", "day", "where", "calls"].map((key) => valueOf(rest, key));
      return {
        ...(at.trim() !== "-" && { at: at.trim() }),
        name: name.trim(),
        ...(minutes && { minutes: Number(minutes) }),
        ...(day && { day: Number(day) }),
        ...(where && { where }),
        ...(calls && { calls: calls.split("/").map(Number) }),
      };
    });
  const who = marks.filter((m) => m.startsWith("W ")).map((m) => m.slice(2).trim());
  const fault = marks
    .find((m) => m.startsWith("R "))
    ?.slice(2)
    .trim();
  return { line, events, who, ...(fault && { fault }) };
}

/** The lists of a folder: behind the ‖ of each line stands what it says; E an event, W who is in it, R why it cannot be read. */
export function samplesOf(folder: string): Sample[] {
  return readdirSync(folder)
    .filter((file) => file.endsWith(".list"))
    .toSorted()
    .map((file) => {
      const [head = "", ...lines] = readFileSync(join(folder, file), "utf8").trimEnd().split("\n");
      const [, date = "", count = "1"] = /(\d{4}-\d{2}-\d{2}) (\d+) day/.exec(head) ?? [];
      const parted = lines.map((l) => l.split(" ‖"));
      return {
        name: file,
        days: { date, count: Number(count) },
        text: parted.map(([raw]) => raw!).join("\n"),
        told: parted.map(([, ...marks], i) =>
          toldOf(
            i + 1,
            marks.map((m) => m.trim()),
          ),
        ),
      };
    });
}
