import {
  activityOf,
  dangersOf,
  grownOf,
  STARTING_SETTINGS,
  stagingOf,
  TRADE_PLACES,
  usualFraming,
  type Activity,
  type UsualFraming,
} from "@/core/catalogue";
import { OPEN_GROUND } from "@/core/ground";
import { startsWith } from "@/core/judge";
import { creatureOf, type Silhouette } from "@/core/motion";
import type { Caution } from "@/data";
import { cautionsFor } from "@/outing/begin/cautions-for";
import { venueOf } from "@/outing/begin/kind-of";
import { librarySubject } from "@/outing/begin/library-subject";
import { groupOf } from "./subjects";
import { venueName } from "./venues";

/** What the library tells of a subject besides its measures. */
export interface AboutSubject {
  readonly figure: Silhouette;
  readonly activity: Activity;
  /** Metres that one keeps from it, 0 or more; absent for what is no animal. */
  readonly keepOff?: number;
  readonly framing: UsualFraming;
  /** Where practice begins: the discipline, and seconds. */
  readonly starts: readonly { readonly discipline: string; readonly shutter: number }[];
  /** Names of the grounds that it is met on, the usual one first. */
  readonly grounds: readonly string[];
  /** Situations for which the trade has a place. */
  readonly situations: readonly string[];
  readonly cautions: readonly Caution[];
}

/** All that the library tells of one of its subjects; absent for one's own. */
export function aboutSubject(id: string): AboutSubject | undefined {
  const subject = librarySubject(id);
  const staging = stagingOf(id);
  if (!subject || !staging) return undefined;
  const animal = dangersOf(id)!.find((d) => d.kind === "animal");
  const [usual] = staging.venues;
  return {
    figure: subject.figure ?? "standing",
    activity: activityOf(id),
    ...(animal && creatureOf(subject) !== "insect" && { keepOff: animal.keepOff }),
    framing: usualFraming(subject),
    starts: STARTING_SETTINGS.filter((s) => startsWith(s, subject)),
    grounds: staging.venues.map(venueName),
    situations: TRADE_PLACES.filter((p) => p.subjects.includes(grownOf(id))).map((p) => p.situation),
    cautions: cautionsFor({
      subject,
      group: groupOf(id),
      venue: venueOf(usual!),
      scenery: usual === OPEN_GROUND.id ? staging.scenery : "venue",
    }),
  };
}
