import { burstsOf, clocksAgreeing, trueTime, type Agreement } from "@/core/review";
import type { Maybe } from "@/core/units";
import type { Outing, Tag } from "@/data";
import type { BodyClock, Frame } from "@/data/schema/frame";
import { timedProgramme } from "../programme/event-times";

/** Frames of one press and hold of the button, by the true time. */
export interface FrameBurst {
  /** That of its first frame. */
  readonly id: string;
  readonly body: string;
  readonly frames: readonly Frame[];
  /** Epoch milliseconds by the true time, as far as it is known. */
  readonly from: number;
  readonly until: number;
  /** Seconds either way to which it is known. */
  readonly error: number;
}

/** Seconds either way of a clock that nobody has set: its day and hour are taken to be right, its minutes not (assumed). */
export const UNSET_ERROR = 900;

/** Bursts of a day in the order of the true time. */
export function frameBursts(frames: readonly Frame[], clocks: readonly BodyClock[]): FrameBurst[] {
  const byId = new Map(frames.map((f) => [f.id, f]));
  return burstsOf(frames)
    .map((burst): FrameBurst => {
      const clock = clocks.find((c) => c.body === burst.body);
      return {
        id: burst.frames[0]!.id,
        body: burst.body,
        frames: burst.frames.map((f) => byId.get(f.id)!),
        from: trueTime(burst.from, clock),
        until: trueTime(burst.until, clock),
        error: clock?.error ?? UNSET_ERROR,
      };
    })
    .toSorted((a, b) => a.from - b.from);
}

/** Bodies of a day's frames, that with most frames first. */
export function bodiesOf(frames: readonly Frame[]): { body: string; frames: number }[] {
  const counts = new Map<string, number>();
  for (const { body } of frames) counts.set(body, (counts.get(body) ?? 0) + 1);
  return [...counts].map(([body, n]) => ({ body, frames: n })).toSorted((a, b) => b.frames - a.frames);
}

/** How the clock of a body agrees best with the events and tags of the day. */
export function agreementOf(
  outing: Outing,
  frames: readonly Frame[],
  tags: readonly Pick<Tag, "at">[],
  body: string,
): Maybe<readonly Agreement[], "nothing-to-go-by"> {
  const ends = burstsOf(frames.filter((f) => f.body === body)).map((b) => b.until);
  return clocksAgreeing(ends, { events: timedProgramme(outing), tags: tags.map((t) => t.at) });
}

/** The clocks of bodies that nobody has set yet, where one setting alone agrees with the day. */
export function clocksFound(
  outing: Outing,
  frames: readonly Frame[],
  clocks: readonly BodyClock[],
  tags: readonly Pick<Tag, "at">[],
): BodyClock[] {
  return bodiesOf(frames)
    .filter(({ body }) => clocks.every((c) => c.body !== body))
    .flatMap(({ body }) => {
      const found = agreementOf(outing, frames, tags, body);
      return found.ok && found.value.length === 1
        ? [{ body, ...found.value[0]!.clock, by: "agreement" as const }]
        : [];
    });
}
