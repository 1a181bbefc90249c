import type { Timeline, TimelinePoint } from "@/core/judge";
import { answered } from "../answered";

/** A minute at which a limit is broken, and by how many clicks. */
export interface Broken {
  /** Epoch milliseconds. */
  readonly at: number;
  /** Clicks short at the ceiling, before anything is given up; 0 or more. */
  readonly short: number;
  /** Clicks that it comes out too dark after all that is given up; 0 or more. */
  readonly missing: number;
  /** Clicks that it comes out too bright; 0 or more. */
  readonly over: number;
}

/** The settings through the outing. */
export interface Through {
  readonly timeline: Timeline;
  /** Whether a limit is broken at no minute, at some, or at all of them. */
  readonly breaks: "never" | "sometimes" | "always";
  /** The minute at which it is broken most; absent where none is. */
  readonly worst?: Broken;
}

const brokenAt = ({ at, short, missing, over }: TimelinePoint): Broken | undefined =>
  short > 0 || missing > 0 || over > 0 ? { at, short, missing, over } : undefined;

const most = ({ short, missing, over }: Broken): number => Math.max(short, missing, over);

/** What breaks through the outing from where one stands: asked of every minute, and not of those at which something changes. */
export const through = answered(
  ({ timeline }) => [timeline] as const,
  (timeline): Through => {
    const broken = timeline.points.flatMap((p) => brokenAt(p) ?? []);
    if (broken.length === 0) return { timeline, breaks: "never" };
    return {
      timeline,
      breaks: broken.length === timeline.points.length ? "always" : "sometimes",
      worst: broken.reduce((a, b) => (most(b) > most(a) ? b : a)),
    };
  },
);
