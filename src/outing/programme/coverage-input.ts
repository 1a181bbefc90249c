import type { Position } from "@/core/ground";
import { assess } from "@/core/judge";
import { sunCourse } from "@/core/light";
import { sceneAt } from "@/core/scene";
import type { CoverageInput } from "@/core/schedule";
import { lightPlanOf, type ProgrammeEvent } from "@/data";
import { askedOf, mountedFor } from "../assess-input";
import type { OutingView } from "../outing-view";
import { paceOf } from "../pace";
import { shotServing, timedProgramme, type TimedEvent } from "./event-times";

const MINUTE = 60_000;
/** What priorities are worth against each other (assumed). */
const WORTH = { 1: 4, 2: 2, 3: 1 } as const;

type Asking = Pick<OutingView, "outing" | "kit" | "preferences">;

/**
 * How an event would be taken: with the shot that it serves, else with the first shot of its spot, else with the first promise
 * of the brief. Undefined where it is not told where it happens, or nothing is at hand to take it with.
 */
function askedFor(
  { outing, kit, preferences }: Asking,
  event: Pick<ProgrammeEvent, "shotId" | "spotId">,
): CoverageInput["events"][number]["asked"] {
  const spot = outing.ground.spots.find((s) => s.id === event.spotId);
  if (!spot) return undefined;
  const serves = shotServing(outing, event) ?? outing.shots[0]!;
  const shot = { ...serves, spotId: spot.id };
  return askedOf(outing, shot, mountedFor(outing, shot, kit, preferences.school), preferences.order);
}

/** Each position with what the judge finds from it at the middle of an event; nothing where the event cannot be taken. */
export function judgedFor(
  view: Asking,
  event: TimedEvent,
): readonly { readonly position: Position; readonly found: ReturnType<typeof assess> }[] {
  const asked = askedFor(view, event);
  if (!asked) return [];
  const { ground } = view.outing;
  const middle = (event.starts + event.ends) / 2;
  const scene = sceneAt(ground, lightPlanOf(view.outing), middle, sunCourse(ground.anchor)(middle));
  return ground.positions.map((position) => ({ position, found: assess({ ...asked, position, scene }) }));
}

/** The question of a programme: what is still to come, from where one stands and when; what is had already is not asked for. */
export function coverageInput(
  { outing, kit, preferences, position, at }: OutingView,
  covered: readonly string[] = [],
): CoverageInput {
  const events = timedProgramme(outing)
    .filter((e) => e.wish !== "excluded" && (e.ends > at || covered.includes(e.id)))
    .map((event) => ({
      id: event.id,
      from: event.starts,
      until: event.ends,
      calls: event.called,
      setUp: event.setUp * MINUTE,
      value: WORTH[event.priority],
      group: event.group,
      pinned: event.wish === "pinned",
      asked: askedFor({ outing, kit, preferences }, event),
      positionIds: event.positionIds,
    }));
  return {
    ground: outing.ground,
    light: lightPlanOf(outing),
    events,
    positions: outing.ground.positions,
    start: { placeId: position?.id ?? "", at },
    pace: paceOf({ outing, kit, preferences }),
    covered,
  };
}
