import { answered } from "../answered";
import { isMirrorImage } from "../brief/shot";
import { bodyFigure, bodyFromAbove, type FigureSeen, type Phase } from "./body-figure";
import { companyOf } from "./company";
import type { Intent } from "@/core/scene";
import type { OutingView } from "@/outing/outing-view";

type Seen = Pick<OutingView, "input" | "found" | "frame">;

/** The posture that a picture shows: a face after it, the subject in its place before it begins, a pan between two strokes, all else at its peak. */
function phaseOf(intent: Intent): Phase {
  if (intent === "reaction") return "end";
  if (intent === "pan") return "between";
  return intent === "context" || intent === "still" ? "start" : "peak";
}

/** How the subject of a shot is seen in its picture. */
export const seenAs = (
  input: NonNullable<Seen["input"]>,
  found: NonNullable<Seen["found"]>,
  frame: NonNullable<Seen["frame"]>,
): FigureSeen => ({
  turn: found.sighting.faceTurn,
  above: -found.sighting.heightAngle,
  phase: phaseOf(input.shot.intent),
  heads: frame.heads,
  aloft: frame.aloft,
  mirrored: isMirrorImage(input.subject, input.shot),
  ...sunOn(input, found),
});

/** The body of the subject of a shot in metres, as it is seen in its picture, each piece as it moves; none while there is no picture. */
export const figureOf = ({ input, found, frame }: { [K in keyof Seen]: Seen[K] }) =>
  input && found && frame ? bodyFigure(input.subject, { ...seenAs(input, found, frame), moving: true }) : [];

/** The same for a drawing, in which nothing moves. */
export const stillFigureOf = ({ input, found, frame }: { [K in keyof Seen]: Seen[K] }) =>
  input && found && frame ? bodyFigure(input.subject, seenAs(input, found, frame)) : [];

/** The body of the subject of a shot from above, in its moment; the same object as long as both are. */
export const bodyAbove = answered(
  ({ subject, shot }) => [subject, shot] as const,
  (subject, shot) =>
    bodyFromAbove(subject, { phase: phaseOf(shot.intent), mirrored: isMirrorImage(subject, shot) }),
);

/** Who is usually about the subject of a shot, as they are seen in its picture; nobody while there is none. */
export const besideOf = ({ input, found, frame }: { [K in keyof Seen]: Seen[K] }) =>
  input && found && frame ? companyOf(input.subject, seenAs(input, found, frame)) : [];

/** The sun as it stands to the way a subject faces, where it throws a shadow. */
function sunOn({ scene, shot }: NonNullable<Seen["input"]>, { light }: NonNullable<Seen["found"]>) {
  const spot = scene.ground.spots.find((s) => s.id === shot.spotId);
  const { azimuth, apparentAltitude } = light.sun;
  if (!spot || light.direct !== "sun" || apparentAltitude <= 0) return {};
  return { sun: { turn: azimuth - spot.facing, altitude: apparentAltitude } };
}
