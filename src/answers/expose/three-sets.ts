import { STARTING_SETTINGS } from "@/core/catalogue";
import type { OutingCardInput } from "@/core/judge";
import { lightPlanOf, plannedPosition, sameValue, type Outing } from "@/data";
import { briefShots } from "@/outing/brief-shots";
import type { OutingView } from "@/outing/outing-view";

/** Times of the outing at which each shot is looked at. */
const TIMES = 9;
const STEP = 10 * 60_000;
/** Sets that a camera keeps (common practice). */
const SETS = 3;
/** What a promise counts by its priority: must be had, should, welcome. */
const WEIGHTS = { 1: 1, 2: 0.6, 3: 0.3 } as const;
/** The start of practice for anything with wings. */
const FLIGHT = STARTING_SETTINGS.find((s) => s.id === "flight")!;

/** What the card is worked out from: every promised shot from its position, with its kit and holds, over the whole time. */
export function outingCardInput(view: OutingView): OutingCardInput {
  const { outing, window } = view;
  const { from, until } = window;
  return {
    ground: outing.ground,
    light: lightPlanOf(outing),
    shots: briefShots(view, outing.shots, TIMES).flatMap(({ planned, asked }) => {
      const position = plannedPosition(outing, planned.id);
      return position ? [{ ...asked, position, weight: WEIGHTS[planned.priority] }] : [];
    }),
    most: SETS,
    from,
    until,
    step: Math.max(STEP, (until - from) / 100),
    ...(takesWing(outing) ? { flight: { shutter: FLIGHT.withLight, fNumber: FLIGHT.fNumber[0] } } : {}),
  };
}

const WINGED = ["flying", "stooping"];

/** Whether something may take wing that nobody promised: in the wild, where no shot of the brief is one of flight. */
const takesWing = ({ kind, shots, subjects }: Outing): boolean =>
  kind === "wild" &&
  !shots.some((shot) => WINGED.includes(subjects.find((s) => s.id === shot.subjectId)?.figure ?? ""));

/** Whether a card that was worked out is one of the outing as it is. */
export const cardIsStale = (worked: Outing, now: Outing): boolean =>
  !sameValue({ ...worked, revision: 0 }, { ...now, revision: 0 });
