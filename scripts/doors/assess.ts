import { createAssessments } from "../../src/outing/assessments";
import { reasonsOf, type AssessInput, type Assessment, type NoPicture } from "../../src/core/judge";
import { choiceOf, wallTimeOf } from "../../src/data";
import type { OutingFile } from "../../src/data/files";
import {
  evWords,
  isoWords,
  lightSideWords,
  metresWords,
  noPictureSentence,
  percentWords,
  shutterWords,
  apertureWords,
} from "../../src/words";
import { instants, readArguments, readFileOf, type Asked, type Command } from "./outing-arguments";
import { done, refused, type Outcome } from "./outcome";

interface Row {
  readonly time: string;
  readonly shot: string;
  readonly position: string;
  readonly input: AssessInput;
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
      const question = { outing, kit, preferences };
      return own.map((position) => ({
        time: wallTimeOf(at, outing.timeZone),
        shot: shot.name,
        position: position.name,
        input: { ...answers.asked(question, shot.id)!, position, scene: answers.scene(question, at) },
        found: answers.assessment(question, shot.id, position.id, at)!,
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
    metresWords(found.sighting.distance),
    lightSideWords(found.light).value,
    evWords(found.light.ev).slice(3),
    percentWords(found.sighting.fill),
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

const COMMAND: Command = { name: "assess", options: ["shot", "position", "at", "every"] };

/** `assess FILE …`: an exported outing through the core, as a table or as JSON. */
export function assessFile(args: readonly string[]): Outcome {
  const asked = readArguments(COMMAND, args);
  if (typeof asked === "string") return refused(asked);
  const file = readFileOf(COMMAND, asked);
  if (typeof file === "string") return refused(file);
  const times = instants(COMMAND, file, asked);
  if (typeof times === "string") return refused(times);
  const rows = walk(file, asked, times);
  if (typeof rows === "string") return refused(rows);
  return done(
    asked.json
      ? JSON.stringify(
          rows.map(({ input, found }) => (found.ok ? { ...found, reasons: reasonsOf(input, found) } : found)),
          null,
          2,
        )
      : table(rows),
  );
}
