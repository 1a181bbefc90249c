import { shutterNearest } from "@/core/exposure";
import { blurLadder, type PartMotion } from "@/core/judge";
import type { Library, Preferences, StoredKit, StoredSubject } from "@/data";
import { createAssessments } from "@/outing/assessments";
import { catalogueOuting } from "@/outing/begin/of-catalogue";
import { createViews } from "@/outing/outing-view";
import { beginSelection } from "@/outing/selection";

/** Seconds of the shutters across, a stop apart. */
const SHUTTERS = [1 / 30, 1 / 60, 1 / 125, 1 / 250, 1 / 500, 1 / 1000, 1 / 2000, 1 / 4000];

/** A part of a subject, and how often a frame holds it at each shutter. */
export interface PartSharp {
  readonly id: string;
  readonly name: string;
  readonly at: readonly Pick<PartMotion, "chance" | "verdict">[];
}

/** What is sharp of a subject at which shutter, from where one would begin with one's own kit. */
export interface SharpAt {
  /** Clicks, from the slowest. */
  readonly shutters: readonly number[];
  readonly parts: readonly PartSharp[];
  /** Metres to the subject, and the focal length in mm. */
  readonly distance: number;
  readonly focalLengthMm: number;
}

interface Own {
  readonly kit: StoredKit;
  readonly preferences: Preferences;
  readonly library: Library;
}

/**
 * An outing of the subject is begun as from nothing and asked what the blur of its parts is at each shutter, so that the library says what
 * the outing would. Nothing where the kit gives no picture of it.
 */
export function sharpAt(subject: StoredSubject, own: Own): SharpAt | undefined {
  const outing = catalogueOuting(subject, own.kit, own.preferences);
  const viewOf = createViews(createAssessments());
  const { input, found } = viewOf({ ...own, outing, selection: beginSelection(outing), now: 0 });
  if (!input || !found) return undefined;
  const { first, last } = found.settings.rails.shutter;
  const shutters = SHUTTERS.map(shutterNearest).filter((click) => click >= first && click <= last);
  const ladder = blurLadder(input, found, shutters);
  return {
    shutters,
    parts: found.motion.parts.map(({ partId, name }) => ({
      id: partId,
      name,
      at: ladder.map(({ parts }) => {
        const { chance, verdict } = parts.find((p) => p.partId === partId)!;
        return { chance, verdict };
      }),
    })),
    distance: found.sighting.distance,
    focalLengthMm: found.sighting.frame.focalLengthMm,
  };
}
