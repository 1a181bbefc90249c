import { useState } from "react";
import { fromVenue, HOCKEY_PITCH, type Ground, type Point } from "@/core/ground";
import type { Size } from "@/ui/layout/useSize";
import { fitView, type Margins, type PlanView } from "@/ui/plan/view";

/** Room for the sun comb at the edges, for north at the upper right, and for the tags above their places. */
const MARGINS: Margins = { left: 46, right: 34, top: 40, bottom: 40 };

/** What the first view must hold: the pitch, the stands and every position. */
function worthSeeing({ venue, obstacles, positions, masts }: Ground): Point[] {
  const x = HOCKEY_PITCH.width / 2;
  const y = HOCKEY_PITCH.length / 2;
  const corners = [
    { x, y },
    { x, y: -y },
    { x: -x, y },
    { x: -x, y: -y },
  ].map((p) => fromVenue(venue, p));
  const stands = obstacles.filter((o) => o.kind === "stand").flatMap((o) => o.outline);
  return [...corners, ...stands, ...positions.map((p) => p.at), ...masts.map((m) => m.at)];
}

/** The plan's view: fitted with the long side upright until the user moves it, and fitted again when the size changes. */
export function useGroundView(ground: Ground, size: Size | undefined) {
  const [moved, setMoved] = useState<PlanView>();
  const [fitted, setFitted] = useState<PlanView>();
  if (size && (fitted?.width !== size.width || fitted.height !== size.height))
    setFitted(fitView(worthSeeing(ground), size, ground.venue.bearing, MARGINS));
  const view = moved && size ? { ...moved, ...size } : fitted;
  return { view, setView: setMoved, fit: () => setMoved(undefined), isMoved: moved !== undefined };
}
