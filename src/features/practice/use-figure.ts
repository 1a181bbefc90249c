import { isMirrorImage } from "@/answers/brief/shot";
import type { OutingView } from "@/outing/outing-view";
import { measureOf, phaseOf, placedFigure } from "@/ui/figures/silhouettes";

type Seen = Pick<OutingView, "input" | "found" | "frame">;

/** The outlines of the subject of a shot as it is seen in its picture; none while there is no picture. */
export const figureOf = ({ input, found, frame }: { [K in keyof Seen]: Seen[K] }) =>
  input && found && frame
    ? placedFigure(input.subject.figure ?? "standing", measureOf(input.subject), {
        turn: found.sighting.faceTurn,
        phase: phaseOf(input.shot.intent),
        heads: frame.heads,
        aloft: frame.aloft,
        mirrored: isMirrorImage(input.subject, input.shot),
      })
    : [];
