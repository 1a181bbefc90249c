import { ANSWERS, type AnswerId } from "../../src/answers/panels";
import { EMPTY_LIBRARY, wallTimeOf } from "../../src/data";
import { createAssessments } from "../../src/outing/assessments";
import { createViews } from "../../src/outing/outing-view";
import { beginSelection, selectShot } from "../../src/outing/selection";
import { instants, readArguments, readFileOf, type Command } from "./outing-arguments";
import { done, refused, type Outcome } from "./outcome";

const COMMAND: Command = { name: "ask", options: ["shot", "position", "at", "panel"] };
const isAnswer = (id: string): id is AnswerId => id in ANSWERS;

/** Plain data as lines, a figure a line; what is a list within lists stays JSON. */
const lines = (value: unknown, under = ""): string[] => {
  if (typeof value !== "object" || value === null || Array.isArray(value))
    return [`${under}: ${JSON.stringify(value)}`];
  return Object.entries(value).flatMap(([key, inner]) =>
    inner === undefined
      ? []
      : lines(inner instanceof Map ? [...inner] : inner, under ? `${under}.${key}` : key),
  );
};

/** `ask FILE …`: what a panel says of an exported outing, without a screen. */
export function askFile(args: readonly string[]): Outcome {
  const asked = readArguments(COMMAND, args);
  if (typeof asked === "string") return refused(asked);
  const panel = asked.panel ?? "card";
  if (!isAnswer(panel))
    return refused(`ask: no panel ${panel}; there are ${Object.keys(ANSWERS).join(", ")}`);
  const file = readFileOf(COMMAND, asked);
  if (typeof file === "string") return refused(file);
  const times = instants(COMMAND, file, asked);
  if (typeof times === "string") return refused(times);
  const { outing, kit, preferences } = file;
  const begun = beginSelection(outing);
  if (asked.shot !== undefined && !outing.shots.some((s) => s.id === asked.shot))
    return refused(`ask: no shot ${asked.shot}; there are ${outing.shots.map((s) => s.id).join(", ")}`);
  const shot = selectShot(outing, begun, asked.shot ?? begun.shotId);
  const { positions } = outing.ground;
  if (asked.position !== undefined && !positions.some((p) => p.id === asked.position))
    return refused(`ask: no position ${asked.position}; there are ${positions.map((p) => p.id).join(", ")}`);
  const at = times[0]!;
  const view = createViews(createAssessments())({
    outing,
    kit,
    preferences,
    library: EMPTY_LIBRARY,
    selection: { ...shot, positionId: asked.position ?? shot.positionId, minute: { at, live: false } },
    now: 0,
  });
  const answer = ANSWERS[panel](view);
  if (asked.json) return done(JSON.stringify(answer ?? null, null, 2));
  const head = `${panel}: ${view.shot.name} from ${view.position?.name ?? "nowhere"} at ${wallTimeOf(at, outing.timeZone)}`;
  if (answer === undefined) return done(`${head}\nnothing: there is no picture, or it does not apply`);
  return done([head, ...lines(answer)].join("\n"));
}
