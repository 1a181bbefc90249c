import { clockByPicture as byPicture, clockByTag as byTag, clockByTwo, type ClockSet } from "@/core/review";
import type { BodyClock } from "@/data/schema/frame";

/** A clock as it is kept, without its body. */
export type ClockTold = ClockSet & Pick<BodyClock, "by">;

/** The clock by a picture of a clock; with one that was set by a picture before, an hour or more apart, its drift as well. */
export function clockByPicture(
  told: { readonly taken: number; readonly seen: number },
  before: BodyClock | undefined,
): ClockTold {
  const one = byPicture(told);
  const two = before?.by === "picture" ? clockByTwo(before, one) : undefined;
  return { ...(two?.ok ? two.value : one), by: "picture" };
}

/** The clock by one tag that is of a frame. */
export const clockByTag = (told: { readonly taken: number; readonly tagged: number }): ClockTold => ({
  ...byTag(told),
  by: "tag",
});
