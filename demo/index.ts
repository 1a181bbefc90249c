import { crossCountryDay } from "./cross-country-day";
import { diamondAfternoon } from "./diamond-afternoon";
import { handballEvening } from "./handball-evening";
import { hockeyEvening } from "./hockey-evening";
import { hockeyQuarterFinal } from "./hockey-quarter-final";
import { lagoonDawn } from "./lagoon-dawn";
import { placesOf } from "./places";
import counted from "./quarter-final-counted.json";
import { DEFAULT_PREFERENCES, type Outing, type Places, type Preferences } from "@/data";

export { demoKit } from "./kit";
/** Outings to come. */
export const demoOutings = [hockeyEvening, handballEvening, crossCountryDay, lagoonDawn, diamondAfternoon];
/** One that is over, with its pictures read back: what was judged of them stands in its log. */
export const demoPast: Outing = {
  ...hockeyQuarterFinal,
  log: counted.log as unknown as Outing["log"],
  evidence: counted.evidence,
};

/** Two places that are kept across outings. */
export const demoPlaces: Places = placesOf(hockeyEvening, demoPast, lagoonDawn);

/** The spread of the pan is in use as it was learnt there: another outing's pan is planned with it. */
export const demoPreferences: Preferences = { ...DEFAULT_PREFERENCES, learnt: counted.learnt };
