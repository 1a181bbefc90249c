import type { Ground, Position, Spot } from "@/core/ground";
import { sunCourse } from "@/core/light";
import { sceneAt } from "@/core/scene";
import { worthFrom, type CoverageInput, type Picture, type Worth } from "@/core/schedule";
import { lightPlanOf, windowOf, type Outing, type ProgrammeEvent } from "@/data";
import { askedOf, mountedFor } from "../ask";
import type { OutingView } from "../outing-view";
import { paceOf } from "../pace";
import { kindOfEvent } from "./kinds";
import { keyOfPlace, takenAt, whereOf } from "./event-places";
import { shotsServing, timedProgramme, type TimedEvent } from "./event-times";

const MINUTE = 60_000;
/** What priorities are worth against each other (assumed). */
export const WORTH = { 1: 4, 2: 2, 3: 1 } as const;

type Asking = Pick<OutingView, "outing" | "kit" | "preferences">;

/** What an event is good for, and the places that it adds to the ground where it has no spots of its own. */
interface Taken {
  readonly pictures: readonly Picture[];
  readonly made: readonly Spot[];
}

/**
 * How an event would be taken: with the shots that it serves, else with those of its place, else with the first promise of the
 * brief. Nothing where it is not told where it happens, or nothing is at hand to take it with.
 */
function takenFor(
  { outing, kit, preferences }: Asking,
  event: Pick<ProgrammeEvent, "shotIds" | "place">,
): Taken {
  const { ground, shots } = outing;
  const { place } = event;
  if (!place) return { pictures: [], made: [] };
  const serving = shotsServing(outing, event);
  const taken = (serving.length > 0 ? serving : shots.slice(0, 1)).map((shot) => {
    const own = ground.spots.find((s) => s.id === shot.spotId)!;
    const mounted = mountedFor(outing, shot, kit);
    const there = takenAt(ground, place, own);
    const asked = there.flatMap(
      (spot) => askedOf(outing, shot, mounted, preferences, { spotId: spot.id }) ?? [],
    );
    return { there, asked };
  });
  return {
    pictures: taken
      .filter(({ asked }) => asked.length > 0)
      .map(({ asked }) => ({ asked, where: whereOf(place) })),
    made: taken.flatMap((t) => t.there).filter((spot) => !ground.spots.includes(spot)),
  };
}

/** Each position with what it is worth at the middle of an event; nothing where the event cannot be taken. */
export function judgedFor(
  view: Asking,
  event: TimedEvent,
): readonly (Worth & { readonly position: Position })[] {
  const { pictures, made } = takenFor(view, event);
  if (pictures.length === 0) return [];
  const { ground } = view.outing;
  const middle = (event.starts + event.ends) / 2;
  const scene = sceneAt(
    withSpots(ground, made),
    lightPlanOf(view.outing),
    middle,
    sunCourse(ground.anchor)(middle),
  );
  return ground.positions.map((position) => ({ position, ...worthFrom(pictures, position, scene) }));
}

/** The ground with places that stand for spots, each once. */
const withSpots = (ground: Outing["ground"], made: readonly Spot[]): Ground => ({
  ...ground,
  spots: [...ground.spots, ...new Map(made.map((s) => [s.id, s])).values()],
});

/** The question of a programme: what is still to come, from where one stands and when; what is had already is not asked for. */
export function coverageInput(
  { outing, kit, preferences, position, at }: Asking & Pick<OutingView, "position" | "at">,
  covered: readonly string[] = [],
  seen: Readonly<Record<string, number>> = {},
): CoverageInput {
  const events = timedProgramme(outing)
    .filter((e) => e.wish !== "excluded" && e.by !== "second" && (e.ends > at || covered.includes(e.id)))
    .map((event) => ({ ...event, ...takenFor({ outing, kit, preferences }, event) }));
  return {
    ground: withSpots(
      outing.ground,
      events.flatMap((e) => e.made),
    ),
    light: lightPlanOf(outing),
    events: events.map((event) => {
      const kind = kindOfEvent(event);
      return {
        id: event.id,
        from: event.starts,
        until: event.ends,
        calls: event.called,
        setUp: event.setUp * MINUTE,
        value: WORTH[event.priority],
        group: event.group,
        pinned: event.wish === "pinned",
        pictures: event.pictures,
        positionIds: event.positionIds,
        partly: kind?.worth,
        rounds: event.rounds,
        seen: seen[event.id],
        uncertain: kind && {
          spread: kind.spread * MINUTE,
          mayBeEarly: kind.follows,
          ...(event.place && { at: keyOfPlace(event.place) }),
        },
      };
    }),
    positions: outing.ground.positions,
    start: { placeId: position?.id ?? "", at },
    pace: paceOf({ outing, kit, preferences }),
    began: windowOf(outing).starts,
    covered,
  };
}
