import { idFromName, type Outing } from "@/data";
import type { Frame } from "@/data/schema/frame";
import { timedProgramme } from "../programme/event-times";
import { settingsOf } from "./judged";
import type { MatchedBurst } from "./matched";

/** A frame with the burst that it is of. */
export interface FrameOf {
  readonly frame: Frame;
  readonly burst: MatchedBurst;
}

export const framesIn = (bursts: readonly MatchedBurst[]): FrameOf[] =>
  bursts.flatMap((burst) => burst.frames.map((frame) => ({ frame, burst })));

/** The frames that go out before the sorting is finished: kept ones first, then what is perhaps, one a burst before a second. */
export function firstOut(bursts: readonly MatchedBurst[], most: number): FrameOf[] {
  const rounds = (["keep", "perhaps"] as const).flatMap((mark) => {
    const own = bursts.map((burst) =>
      burst.frames.filter((f) => f.mark === mark).map((frame) => ({ frame, burst })),
    );
    const longest = Math.max(0, ...own.map((o) => o.length));
    return Array.from({ length: longest }, (_, i) => own.flatMap((o) => o[i] ?? [])).flat();
  });
  return rounds.slice(0, most).toSorted((a, b) => a.frame.taken - b.frame.taken);
}

/** What goes out for somebody: the frames that were marked for it. */
export const markedFor = (bursts: readonly MatchedBurst[], deliverableId: string): FrameOf[] =>
  framesIn(bursts).filter(({ frame }) => frame.deliverableIds?.includes(deliverableId));

/** A frame with or without the mark of a deliverable. */
export function withDeliverable(frame: Frame, id: string, isMarked: boolean): Frame {
  const others = (frame.deliverableIds ?? []).filter((one) => one !== id);
  const { deliverableIds: _, ...rest } = frame;
  const ids = isMarked ? [...others, id] : others;
  return ids.length > 0 ? { ...rest, deliverableIds: ids } : rest;
}

/** What a file is called by: small letters, figures and hyphens. */
const plain = (name: string): string => idFromName(name, [], "frames");

/** Letters of the series of one event and shot: a, b, … z, aa. */
const letterOf = (n: number): string =>
  (n < 26 ? "" : letterOf(Math.floor(n / 26) - 1)) + String.fromCharCode(97 + (n % 26));

/**
 * The series that each frame is of: taken for one event and shot, from one place, at one exposure; such frames can be corrected alike. Named
 * "semi-final-drag-flick-a", frames numbered within it.
 */
export function seriesNames(outing: Outing, frames: readonly FrameOf[]): ReadonlyMap<string, string> {
  const names = new Map<string, string>();
  const letters = new Map<string, Map<string, string>>();
  const counts = new Map<string, number>();
  for (const { frame, burst } of frames) {
    const event = timedProgramme(outing).find((e) => e.id === burst.eventId)?.name;
    const shot = outing.shots.find((s) => s.id === burst.shotId)?.name;
    const about = plain([event ?? outing.name, shot].filter(Boolean).join(" "));
    const settings = settingsOf(frame);
    const key = `${frame.body} ${burst.positionId ?? ""} ${settings ? Object.values(settings).join() : ""}`;
    const own = letters.get(about) ?? new Map<string, string>();
    letters.set(about, own);
    if (!own.has(key)) own.set(key, letterOf(own.size));
    const series = `${about}-${own.get(key)}`;
    const number = (counts.get(series) ?? 0) + 1;
    counts.set(series, number);
    names.set(frame.id, `${series}-${String(number).padStart(3, "0")}`);
  }
  return names;
}

/** Pixels of the longer side that a form asks for: "2000 px, captioned"; something else where it tells none between 200 and 30 000. */
export function longEdgeOf(form: string | undefined, otherwise: number): number {
  const px = Number(/(\d{3,5})\s*px/i.exec(form ?? "")?.[1] ?? NaN);
  return px >= 200 && px <= 30_000 ? px : otherwise;
}
