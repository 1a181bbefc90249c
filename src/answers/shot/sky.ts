import { automaticMoments } from "@/core/judge";
import { moonDay, sunDay, type SunEventCode } from "@/core/light";
import { answered } from "../answered";
import { automaticOf } from "./automatic";

/** What sun and moon do within an outing's hours, in their order. */
export const skyWithin = answered(
  ({ outing, window }) => [outing.ground.anchor, window.from, window.until] as const,
  (place, from, until): readonly { readonly at: number; readonly code: SunEventCode | "moonrise" }[] =>
    [
      ...sunDay({ place, from, until }).events,
      ...moonDay({ place, from, until }).rises.map((at) => ({ at, code: "moonrise" as const })),
    ].filter(({ at }) => at >= from && at <= until),
);

/** When the body's automatic comes to an end of what it may choose; none while ISO is not left to it. */
export const automaticEnds = answered(
  (view) => [view.timeline, automaticOf(view)?.floorEv, automaticOf(view)?.ceilingEv] as const,
  (timeline, floorEv, ceilingEv) =>
    floorEv === undefined || ceilingEv === undefined
      ? []
      : automaticMoments(timeline, { floorEv, ceilingEv }),
);
