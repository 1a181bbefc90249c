import type { CoverageInput } from "@/core/schedule";
import { lightPlanOf } from "@/data";
import { askedOf, mountedFor } from "../assess-input";
import type { OutingView } from "../outing-view";
import { timedProgramme } from "./event-times";

const MINUTE = 60_000;
/** What priorities are worth against each other (assumed). */
const WORTH = { 1: 4, 2: 2, 3: 1 } as const;

/**
 * The question of a programme: what is still to come, from where one stands and when. An event is taken with the shot that it
 * serves, else with the first shot of its spot, else with the first promise of the brief.
 */
export function coverageInput({ outing, kit, preferences, position, at }: OutingView): CoverageInput {
  const events = timedProgramme(outing)
    .filter((e) => e.wish !== "excluded" && e.ends > at)
    .map((event) => {
      const serves =
        outing.shots.find((s) => s.id === event.shotId) ??
        outing.shots.find((s) => s.spotId === event.spotId) ??
        outing.shots[0]!;
      const there = outing.ground.spots.some((s) => s.id === event.spotId);
      const shot = { ...serves, spotId: event.spotId ?? serves.spotId };
      const asked = there
        ? askedOf(outing, shot, mountedFor(outing, shot, kit, preferences.school), preferences.order)
        : undefined;
      return {
        id: event.id,
        from: event.starts,
        until: event.ends,
        calls: event.called,
        setUp: event.setUp * MINUTE,
        value: WORTH[event.priority],
        group: event.group,
        pinned: event.wish === "pinned",
        asked,
      };
    });
  return {
    ground: outing.ground,
    light: lightPlanOf(outing),
    events,
    positions: outing.ground.positions,
    start: { placeId: position?.id ?? "", at },
    pace: preferences.walkingPace,
  };
}
