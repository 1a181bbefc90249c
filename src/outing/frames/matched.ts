import { matchBursts, type Certainty, type Match, type PlannedShot } from "@/core/review";
import { windowOf, type Outing, type Tag } from "@/data";
import { shotsServing, timedProgramme } from "../programme/event-times";
import { tagMarked } from "../people/refused";
import type { FrameBurst } from "./bursts";

/** A burst with what it was found, or told, to belong to. */
export interface MatchedBurst extends FrameBurst {
  /** Undefined between events. */
  readonly eventId: string | undefined;
  /** Of the event; of the shot where the day has no programme. */
  readonly certainty: Certainty;
  /** Told by a person: nothing is asked any more. */
  readonly isTold: boolean;
  /** Events between which an open one lies. */
  readonly between: readonly string[];
  readonly shotId: string | undefined;
  readonly shotCertainty: Certainty;
  readonly positionId: string | undefined;
  readonly tag: Tag | undefined;
  readonly readingId: string | undefined;
}

/** Milliseconds before one arrives and after one leaves within which a frame is still of the outing: a clock may be off by hours. */
const NEAR = 12 * 3_600_000;

/** Bursts that were taken on another day than the outing, as far as their clock is right. */
export function ofAnotherDay<B extends Pick<FrameBurst, "from">>(outing: Outing, bursts: readonly B[]): B[] {
  const { from, until } = windowOf(outing);
  return bursts.filter((b) => b.from < from - NEAR || b.from > until + NEAR);
}

/** Bursts of a day with what they belong to; what a person told of a burst's frames rules. */
export function matchedBursts(
  outing: Outing,
  bursts: readonly FrameBurst[],
  tags: readonly Tag[],
  planned: readonly PlannedShot[],
): MatchedBurst[] {
  const byTime = tags.toSorted((a, b) => a.at - b.at);
  const matches = matchBursts({
    bursts: bursts.map(({ id, from, until, error, frames }) => ({
      id,
      from,
      until,
      error,
      capture: frames[0]!,
    })),
    events: timedProgramme(outing).map((event) => ({
      id: event.id,
      starts: event.starts,
      ends: event.ends,
      shotIds: shotsServing(outing, event).map((s) => s.id),
    })),
    shots: planned,
    tags: byTime,
    readings: outing.light.readings,
  });
  const others = new Set(ofAnotherDay(outing, bursts));
  return bursts.map((burst, i) => {
    const matched = matchedBurst(outing, burst, matches[i]!, byTime);
    return others.has(burst) && !matched.isTold ? { ...matched, ...OPEN } : matched;
  });
}

const OPEN = { certainty: "open", shotCertainty: "open" } as const;

function matchedBurst(outing: Outing, burst: FrameBurst, match: Match, tags: readonly Tag[]): MatchedBurst {
  const told = burst.frames.find((f) => f.told)?.told;
  const isTold = told?.eventId !== undefined;
  const hasProgramme = (outing.programme?.length ?? 0) > 0;
  const shotCertainty = told?.shotId === undefined ? match.shot.certainty : "sure";
  const tag = tags.find((t) => t.id === match.tag?.id && match.tag.certainty !== "open");
  const shotId = told?.shotId ?? match.shot.id;
  const choice = outing.choices.find((c) => c.shotId === shotId);
  const position = told?.shotId === undefined ? match.position.id : (choice?.positionId ?? undefined);
  return {
    ...burst,
    eventId: isTold ? (told.eventId ?? undefined) : match.event.id,
    certainty: isTold ? "sure" : hasProgramme ? match.event.certainty : shotCertainty,
    isTold,
    between: match.between,
    shotId,
    shotCertainty,
    positionId: told?.positionId ?? position,
    tag: tag && tagMarked(tag, outing.people),
    readingId: match.readingId,
  };
}

/** Open bursts that follow one another and lie between the same events. */
export interface OpenBatch {
  readonly bursts: readonly MatchedBurst[];
  /** How many frames they hold. */
  readonly frames: number;
  readonly between: readonly string[];
}

/** What has to be asked, in batches: "these 34 between heat 3 and 4". */
export function openBatches(bursts: readonly MatchedBurst[]): OpenBatch[] {
  const batches: { bursts: MatchedBurst[]; between: readonly string[] }[] = [];
  let isRunning = false;
  for (const burst of bursts) {
    const isOpen = burst.certainty === "open" && burst.between.length > 0;
    const last = batches.at(-1);
    if (isOpen && isRunning && last && last.between.join() === burst.between.join()) last.bursts.push(burst);
    else if (isOpen) batches.push({ bursts: [burst], between: burst.between });
    isRunning = isOpen;
  }
  return batches.map((batch) => ({
    ...batch,
    frames: batch.bursts.reduce((sum, b) => sum + b.frames.length, 0),
  }));
}

/** How many frames are sure, likely and open. */
export function certainties(bursts: readonly MatchedBurst[]): Readonly<Record<Certainty, number>> {
  const counts = { sure: 0, likely: 0, open: 0 };
  for (const { certainty, frames } of bursts) counts[certainty] += frames.length;
  return counts;
}
