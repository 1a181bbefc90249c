import { useMemo, useState } from "react";
import { standingThing } from "@/answers/plan/things";
import { boundaryOf } from "@/answers/plan/venue";
import type { Ground, Point } from "@/core/ground";
import type { Outing } from "@/data";
import { thingsOf } from "@/outing/things/thing";
import type { Size } from "@/ui/layout/use-size";
import { fitView, type Margins, type PlanView } from "@/ui/plan/view";

/** Room for the sun comb at the edges, for north at the upper right, and for the tags above their places. */
const MARGINS: Margins = { left: 46, right: 34, top: 40, bottom: 40 };
/** The same on a large sheet, where the comb's strokes are longer. */
const WIDE_MARGINS: Margins = { left: 76, right: 44, top: 46, bottom: 66 };
const LARGE = 500;

/** What the first view must hold: the pitch, the stands and every position; in open ground what happens there. */
function worthSeeing({ venue, obstacles, positions, masts, spots, tracks }: Ground): Point[] {
  const corners = boundaryOf(venue);
  const stands = obstacles.filter((o) => o.kind === "stand").flatMap((o) => standingThing(o).covers);
  const happens = corners.length > 0 ? [] : [...spots.map((s) => s.at), ...tracks.flatMap((t) => t.points)];
  return [...corners, ...happens, ...stands, ...positions.map((p) => p.at), ...masts.map((m) => m.at)];
}

/** The venue, and every corner of what was put on the ground. */
export function everything(ground: Outing["ground"]): Point[] {
  const corners = thingsOf({ ground }).flatMap(({ shape }) => [...shape.corners]);
  return [...worthSeeing(ground), ...corners];
}

/** Room about a few places on open ground: what lies between them is looked at, and their names are read. */
const OPEN_MARGINS: Margins = { left: 84, right: 72, top: 76, bottom: 64 };

/** Room about a picture when it is all that is looked at. */
const CLOSE: Margins = { left: 110, right: 70, top: 64, bottom: 96 };

function marginsFor(isClose: boolean, { venue }: Outing["ground"], { width }: Size): Margins {
  const isLarge = width > LARGE;
  if (boundaryOf(venue).length > 0 && !isClose) return isLarge ? WIDE_MARGINS : MARGINS;
  return isClose || isLarge ? CLOSE : OPEN_MARGINS;
}

interface Looking {
  /** The few points that are spoken of, where the rest is no matter. */
  readonly close?: readonly Point[];
  /** What the whole ground is: where play is, or all that was put there. */
  readonly worth?: "play" | "all";
  /** The view to begin with, as if the user had moved it there. */
  readonly began?: PlanView;
}

/**
 * The plan's view: the whole ground with the long side upright, or as `close` the few points that are spoken of; fitted
 * until the user moves it, and again when the size changes. A drag does not fit anew: the ground must not run away
 * under the finger.
 */
export function useGroundView(
  ground: Outing["ground"],
  size: Size | undefined,
  { close, worth = "play", began }: Looking,
) {
  const [moved, setMoved] = useState(began);
  const [fitted, setFitted] = useState<PlanView & { close: boolean }>();
  const isClose = close !== undefined;
  if (size && (fitted?.width !== size.width || fitted.height !== size.height || fitted.close !== isClose)) {
    const fit = fitView(
      close ?? (worth === "all" ? everything(ground) : worthSeeing(ground)),
      size,
      ground.venue.bearing,
      marginsFor(isClose, ground, size),
    );
    setFitted({ ...fit, close: isClose });
  }
  const view = useMemo(() => (moved && size ? { ...moved, ...size } : fitted), [moved, size, fitted]);
  return { view, setView: setMoved, fit: () => setMoved(undefined), isMoved: moved !== undefined };
}
