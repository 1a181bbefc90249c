import type { CareId } from "@/core/catalogue";
import { sunAt } from "@/core/light";
import type { Caution, Outing } from "@/data";
import { hourAt } from "../forecast/forecast";
import type { OutingView } from "../outing-view";
import { peopleIn } from "../tags/tagging";
import { timedProgramme, type TimedEvent } from "../programme/event-times";
import { HIGH_SUN, HOT, packingOf } from "./day";

/** Something to mind at a minute. */
export type Mind =
  /** Who refused to be shown is in what is on or about to begin. */
  | { readonly code: "refused"; readonly names: readonly string[] }
  /** Rain is likely: from an instant on, or already. */
  | { readonly code: "rain"; readonly from: number | "now" }
  | { readonly code: "caution"; readonly caution: Caution }
  | { readonly code: "care"; readonly care: CareId };

const MINUTE = 60_000;
const HOUR = 60 * MINUTE;
/** Share of a forecast's members from which rain is likely (assumed). */
const LIKELY = 0.4;
/** Milliseconds before an event, after arriving and before leaving in which their cautions are said (assumed). */
const BEFORE_EVENT = 5 * MINUTE;
const ARRIVING = 30 * MINUTE;
const LEAVING = 15 * MINUTE;
const THROW = /throw|javelin|discus|hammer|shot put/i;

/** Dangers of what goes on, of the way in, and what is said on the way home. */
const WHILE_ON: readonly Caution[] = ["throwing-sector", "horses", "vehicles", "balls", "run-off"];
const ON_ARRIVAL: readonly Caution[] = [
  "avalanche",
  "heights",
  "water",
  "electricity",
  "nests",
  "distance",
  "alone",
  "cold",
];
const ON_LEAVING: readonly Caution[] = ["young-people"];
/** Care of the kit by the day's conditions, when one comes and when one goes. */
const CARE_ON_ARRIVAL: readonly CareId[] = ["adapt", "cover", "dust"];
const CARE_ON_LEAVING: readonly CareId[] = ["warm", "salt", "night"];

type Looked = Pick<OutingView, "outing" | "at" | "window">;

/** What matters at the minute that is looked at, the gravest first; of the outing's own cautions each at its time. */
export function mindNow(view: Looked): Mind[] {
  const { outing, at, window } = view;
  const event = eventAbout(outing, at);
  const of = (cautions: readonly Caution[]): Mind[] =>
    cautions.filter((c) => outing.cautions.includes(c)).map((caution) => ({ code: "caution", caution }));
  const arriving = at >= window.from && at < Math.min(window.from + ARRIVING, window.until);
  const leaving = at > window.until - LEAVING && at <= window.until;
  return [
    ...refusedIn(outing, event),
    ...rainAhead(view),
    ...of(WHILE_ON.filter((c) => isOn(view, event, c))),
    ...heatOf(view),
    ...(arriving ? [...of(ON_ARRIVAL), ...careOf(outing, CARE_ON_ARRIVAL)] : []),
    ...(leaving ? [...of(ON_LEAVING), ...careOf(outing, CARE_ON_LEAVING)] : []),
  ];
}

const eventAbout = (outing: Outing, at: number): TimedEvent | undefined =>
  timedProgramme(outing).find((e) => at >= e.starts - BEFORE_EVENT && at < e.ends);

function refusedIn({ people = [] }: Outing, event: TimedEvent | undefined): Mind[] {
  const asked = people.filter((p) => p.consent === "refused");
  if (!event || asked.length === 0) return [];
  const refused = peopleIn(event, asked);
  return refused.length > 0 ? [{ code: "refused", names: refused.map((p) => p.name) }] : [];
}

function rainAhead({ outing: { forecast, light }, at }: Looked): Mind[] {
  if (!forecast || light.roof) return [];
  if (hourAt(forecast, at).rain.share >= LIKELY) return [{ code: "rain", from: "now" }];
  const next = forecast.hours.find((h) => h.at > at && h.at <= at + HOUR && h.rain.share >= LIKELY);
  return next ? [{ code: "rain", from: next.at }] : [];
}

/** Whether a danger of what goes on is there: while an event is, a throw for the sector; without a programme from the start on. */
function isOn({ outing, at, window }: Looked, event: TimedEvent | undefined, caution: Caution): boolean {
  if (!outing.programme?.length) return at >= window.starts - BEFORE_EVENT && at < window.until;
  return event !== undefined && (caution !== "throwing-sector" || THROW.test(event.name));
}

function heatOf({ outing, at }: Looked): Mind[] {
  const { forecast, light, weather, ground } = outing;
  const temperature = forecast ? hourAt(forecast, at).temperature[1] : weather?.temperature;
  const hot = (temperature ?? 0) >= HOT && !light.roof && sunAt(at, ground.anchor).altitude >= HIGH_SUN;
  return hot ? [{ code: "caution", caution: "heat" }] : [];
}

const careOf = (outing: Outing, said: readonly CareId[]): Mind[] =>
  packingOf(outing)
    .care.filter(({ id }) => said.includes(id))
    .map(({ id }) => ({ code: "care", care: id }));
