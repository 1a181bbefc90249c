import { isMirrorImage } from "@/answers/brief/shot";
import { bodyFigure } from "@/answers/frame/body-figure";
import type { OutingView } from "@/outing/outing-view";
import { measureOf, phaseOf, placedFigure } from "@/ui/figures/silhouettes";

type Seen = Pick<OutingView, "input" | "found" | "frame">;

/** The outlines in metres of the subject of a shot as it is seen in its picture, its body in space where it has one; none while there is no picture. */
export function figureOf({ input, found, frame }: { [K in keyof Seen]: Seen[K] }) {
  if (!input || !found || !frame) return [];
  const { subject, shot } = input;
  const seen = {
    turn: found.sighting.faceTurn,
    phase: phaseOf(shot.intent),
    heads: frame.heads,
    aloft: frame.aloft,
    mirrored: isMirrorImage(subject, shot),
  };
  return (
    bodyFigure(subject, { ...seen, above: -found.sighting.heightAngle, ...sunOn(input, found) }) ??
    placedFigure(subject.figure ?? "standing", measureOf(subject), seen)
  );
}

/** The sun as it stands to the way a subject faces, where it throws a shadow. */
function sunOn({ scene, shot }: NonNullable<Seen["input"]>, { light }: NonNullable<Seen["found"]>) {
  const spot = scene.ground.spots.find((s) => s.id === shot.spotId);
  const { azimuth, apparentAltitude } = light.sun;
  if (!spot || light.direct !== "sun" || apparentAltitude <= 0) return {};
  return { sun: { turn: azimuth - spot.facing, altitude: apparentAltitude } };
}
