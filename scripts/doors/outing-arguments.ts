import { readFileSync } from "node:fs";
import { windowOf } from "../../src/data";
import { readOutingFile, type OutingFile } from "../../src/data/files";
import { faultWords, readingFailure } from "../../src/words";

/** What is asked of a file on the command line. */
export interface Asked {
  readonly file: string;
  readonly shot?: string;
  readonly position?: string;
  readonly at?: string;
  readonly every?: string;
  readonly panel?: string;
  readonly json: boolean;
}

/** A command and the options that it takes with a value. */
export interface Command {
  readonly name: string;
  readonly options: readonly ("shot" | "position" | "at" | "every" | "panel")[];
}

/** The arguments of a command, or what is wrong with them in a line. */
export function readArguments({ name, options }: Command, args: readonly string[]): Asked | string {
  const found: Record<string, string> = {};
  let json = false;
  for (let i = 0; i < args.length; i++) {
    const word = args[i]!;
    const option = options.find((o) => word === `--${o}`);
    if (word === "--json") json = true;
    else if (option) {
      const value = args[++i];
      if (value === undefined) return `${name}: ${word} wants a value`;
      found[option] = value;
    } else if (word.startsWith("--"))
      return `${name}: no option ${word}; there are ${options.map((o) => `--${o}`).join(", ")}, --json`;
    else if (found.file === undefined) found.file = word;
    else return `${name}: one file at a time, not also ${word}`;
  }
  if (found.file === undefined) return `${name}: name an outing's file`;
  if (found.at !== undefined && found.every !== undefined) return `${name}: --at or --every, not both`;
  return { ...found, file: found.file, json };
}

const MINUTE = 60_000;

/** The instants asked for: one, or every so many minutes of the outing's window. */
export function instants({ name }: Command, { outing }: OutingFile, asked: Asked): number[] | string {
  if (asked.every !== undefined) {
    const minutes = Number(asked.every);
    if (!(minutes >= 1)) return `${name}: --every ${asked.every} is no number of minutes from 1`;
    const { from, until } = windowOf(outing);
    return Array.from(
      { length: Math.floor((until - from) / (minutes * MINUTE)) + 1 },
      (_, i) => from + i * minutes * MINUTE,
    );
  }
  const text = asked.at ?? outing.plannedAt;
  if (/^\d\d:\d\d$/.test(text)) return [windowOf({ ...outing, plannedAt: text }).planned];
  const at = Date.parse(text);
  return Number.isNaN(at)
    ? `${name}: --at ${text} is no instant; write HH:MM or 2026-10-17T16:27:00+01:00`
    : [at];
}

/** The outing of a file, or why it cannot be read in a line. */
export function readFileOf({ name }: Command, { file }: Asked): OutingFile | string {
  let text: string;
  try {
    text = readFileSync(file, "utf8");
  } catch {
    return `${name}: ${file} cannot be read; is the path right?`;
  }
  const read = readOutingFile(text);
  if (read.ok) return read.value;
  return `${file}: ${readingFailure(read.reason)} ${read.faults.slice(0, 1).map(faultWords).join("")}`;
}
