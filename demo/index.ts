import { crossCountryDay } from "./cross-country-day";
import { diamondAfternoon } from "./diamond-afternoon";
import { handballEvening } from "./handball-evening";
import { hockeyEvening } from "./hockey-evening";
import { lagoonDawn } from "./lagoon-dawn";

export { demoKit } from "./kit";
export const demoOutings = [hockeyEvening, handballEvening, crossCountryDay, lagoonDawn, diamondAfternoon];
