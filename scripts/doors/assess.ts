import { createAssessments } from "../../src/outing/assessments";
import { readFileSync } from "node:fs";
import type { Assessment, NoPicture } from "../../src/core/judge";
import { choiceOf, readOutingFile, wallTimeOf, windowOf, type OutingFile } from "../../src/data";
import {
  evWords,
  faultWords,
  isoWords,
  lightSideWords,
  metresWords,
  noPictureSentence,
  percentWords,
  readingFailure,
  shutterWords,
  apertureWords,
} from "../../src/words";
import { done, refused, type Outcome } from "./outcome";

interface Asked {
  readonly file: string;
  readonly shot?: string;
  readonly position?: string;
  readonly at?: string;
  readonly every?: string;
  readonly json: boolean;
}

const WITH_VALUE = ["shot", "position", "at", "every"] as const;

function readArguments(args: readonly string[]): Asked | string {
  const found: Record<string, string> = {};
  let json = false;
  for (let i = 0; i < args.length; i++) {
    const word = args[i]!;
    const option = WITH_VALUE.find((o) => word === `--${o}`);
    if (word === "--json") json = true;
    else if (option) {
      const value = args[++i];
      if (value === undefined) return `assess: ${word} wants a value`;
      found[option] = value;
    } else if (word.startsWith("--"))
      return `assess: no option ${word}; there are --shot, --position, --at, --every, --json`;
    else if (found.file === undefined) found.file = word;
    else return `assess: one file at a time, not also ${word}`;
  }
  if (found.file === undefined) return "assess: name an outing's file";
  if (found.at !== undefined && found.every !== undefined) return "assess: --at or --every, not both";
  return { ...found, file: found.file, json };
}

const MINUTE = 60_000;

/** The instants asked for: one, or every so many minutes of the outing's window. */
function instants({ outing }: OutingFile, asked: Asked): number[] | string {
  if (asked.every !== undefined) {
    const minutes = Number(asked.every);
    if (!(minutes >= 1)) return `assess: --every ${asked.every} is no number of minutes from 1`;
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
    ? `assess: --at ${text} is no instant; write HH:MM or 2026-10-17T16:27:00+01:00`
    : [at];
}

interface Row {
  readonly time: string;
  readonly shot: string;
  readonly position: string;
  readonly found: Assessment | NoPicture;
}

function walk(
  { outing, kit, preferences }: OutingFile,
  asked: Asked,
  times: readonly number[],
): Row[] | string {
  const shots = outing.shots.filter((s) => asked.shot === undefined || s.id === asked.shot);
  if (shots.length === 0)
    return `assess: no shot ${asked.shot}; there are ${outing.shots.map((s) => s.id).join(", ")}`;
  const positions = outing.ground.positions.filter(
    (p) => asked.position === undefined || p.id === asked.position,
  );
  if (positions.length === 0)
    return `assess: no position ${asked.position}; there are ${outing.ground.positions.map((p) => p.id).join(", ")}`;
  const answers = createAssessments();
  return times.flatMap((at) =>
    shots.flatMap((shot) => {
      const choice = choiceOf(outing, shot.id)!;
      const own = positions.filter(
        (p) => asked.position !== undefined || choice.positionId === null || p.id === choice.positionId,
      );
      return own.map((position) => ({
        time: wallTimeOf(at, outing.timeZone),
        shot: shot.name,
        position: position.name,
        found: answers.assessment({ outing, kit, preferences }, shot.id, position.id, at)!,
      }));
    }),
  );
}

const HEAD = [
  "time",
  "shot",
  "from",
  "distance",
  "light",
  "EV",
  "fill",
  "shutter",
  "aperture",
  "ISO",
  "mind",
];

function cells({ time, shot, position, found }: Row): string[] {
  if (!found.ok) return [time, shot, position, noPictureSentence(found)];
  const { settings } = found.settings;
  return [
    time,
    shot,
    position,
    metresWords(found.sighting.distance.value),
    lightSideWords(found.light).value,
    evWords(found.light.ev.value).slice(3),
    percentWords(found.sighting.fill.value),
    shutterWords(settings.shutter),
    apertureWords(settings.aperture),
    isoWords(settings.iso).slice(4),
    found.judgement.map((j) => j.code).join(" ") || "-",
  ];
}

function table(rows: readonly Row[]): string {
  const lines = [HEAD, ...rows.map(cells)].map((line) => line.map((cell) => cell.replace(/\u00a0/g, " ")));
  const widths = HEAD.map((_, i) =>
    Math.max(...lines.map((line) => (line.length === HEAD.length ? line[i]!.length : 0))),
  );
  return lines
    .map((line) =>
      line
        .map((cell, i) => cell.padEnd(widths[i]!))
        .join("  ")
        .trimEnd(),
    )
    .join("\n");
}

/** `assess FILE …`: an exported outing through the core, as a table or as JSON. */
export function assessFile(args: readonly string[]): Outcome {
  const asked = readArguments(args);
  if (typeof asked === "string") return refused(asked);
  let text: string;
  try {
    text = readFileSync(asked.file, "utf8");
  } catch {
    return refused(`assess: ${asked.file} cannot be read; is the path right?`);
  }
  const file = readOutingFile(text);
  if (!file.ok)
    return refused(
      `${asked.file}: ${readingFailure(file.reason)} ${file.faults.slice(0, 1).map(faultWords).join("")}`,
    );
  const times = instants(file.value, asked);
  if (typeof times === "string") return refused(times);
  const rows = walk(file.value, asked, times);
  if (typeof rows === "string") return refused(rows);
  return done(
    asked.json
      ? JSON.stringify(
          rows.map((r) => r.found),
          null,
          2,
        )
      : table(rows),
  );
}
