import type { CareId } from "@/core/catalogue";
import { sunAt } from "@/core/light";
import { CAUTIONS, type Caution, type Outing } from "@/data";
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

/** When a caution is said: while something goes on, on arriving, on leaving, while the sun is high; each has its time. */
const SAID: Readonly<Record<Caution, "while-on" | "arriving" | "leaving" | "hot">> = {
  "throwing-sector": "while-on",
  "dangerous-animals": "while-on",
  venom: "arriving",
  "off-the-track": "arriving",
  vehicles: "while-on",
  aircraft: "while-on",
  horses: "while-on",
  dogs: "while-on",
  balls: "while-on",
  avalanche: "arriving",
  course: "while-on",
  heights: "arriving",
  lightning: "arriving",
  tide: "arriving",
  water: "arriving",
  electricity: "arriving",
  distance: "arriving",
  nests: "arriving",
  "run-off": "while-on",
  silence: "while-on",
  flash: "while-on",
  playback: "arriving",
  feeding: "arriving",
  heat: "hot",
  cold: "arriving",
  sun: "arriving",
  ticks: "arriving",
  "private-land": "arriving",
  alone: "arriving",
  "young-people": "leaving",
};
/** What can hurt somebody: all of it is said, whatever else there is. */
const DANGERS: readonly Caution[] = CAUTIONS.slice(0, CAUTIONS.indexOf("electricity") + 1);

/** Care of the kit by the day's conditions, when one comes and when one goes. */
const CARE_ON_ARRIVAL: readonly CareId[] = ["adapt", "cover", "dust"];
const CARE_ON_LEAVING: readonly CareId[] = ["warm", "salt", "night"];

type Looked = Pick<OutingView, "outing" | "at" | "window">;

/** What matters at the minute that is looked at, dangers first; of the outing's own cautions each at its time. */
export function mindNow(view: Looked): Mind[] {
  const { outing, at, window } = view;
  const event = eventAbout(outing, at);
  const arriving = at >= window.from && at < Math.min(window.from + ARRIVING, window.until);
  const leaving = at > window.until - LEAVING && at <= window.until;
  const isNow = (caution: Caution): boolean =>
    ({ "while-on": isOn(view, event, caution), arriving, leaving, hot: false })[SAID[caution]];
  const cautions = CAUTIONS.filter((c) => outing.cautions.includes(c) && isNow(c));
  const of = (some: readonly Caution[]): Mind[] => some.map((caution) => ({ code: "caution", caution }));
  return [
    ...of(cautions.filter((c) => DANGERS.includes(c))),
    ...refusedIn(outing, event),
    ...rainAhead(view),
    ...heatOf(view),
    ...of(cautions.filter((c) => !DANGERS.includes(c))),
    ...(arriving ? careOf(outing, CARE_ON_ARRIVAL) : []),
    ...(leaving ? careOf(outing, CARE_ON_LEAVING) : []),
  ];
}

/** What has room at once: every danger, and of the rest as many as are let. */
export function gravest(minds: readonly Mind[], most: number): Mind[] {
  const isDanger = (m: Mind): boolean => m.code === "caution" && DANGERS.includes(m.caution);
  return [...minds.filter(isDanger), ...minds.filter((m) => !isDanger(m)).slice(0, most)];
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
