import type { FigurePart, Orientation } from "../optics";
import type { Technique, ToleranceKind } from "../motion";

/** What the picture is to do with movement. */
export type Intent = "freeze" | "reaction";

/** One wanted picture of the brief. */
export interface Shot {
  readonly id: string;
  readonly name: string;
  readonly intent: Intent;
  readonly subjectId: string;
  readonly spotId: string;
  readonly technique: Technique;
  readonly part: FigurePart;
  readonly orientation: Orientation;
  /** Wished share 0 … 1 of the frame's height that the part takes. */
  readonly fill: number;
  /** Part of the subject whose picture must hold. */
  readonly holdPartId: string;
  readonly tolerance: ToleranceKind;
  /** Long edge of the delivered picture in pixels. */
  readonly deliveredLongEdgePx: number;
  /** How many pictures were promised. */
  readonly wanted: number;
}
