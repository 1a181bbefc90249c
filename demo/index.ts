import { hockeyEvening } from "./hockey-evening";

export { demoKit } from "./kit";
export const demoShoots = [hockeyEvening];
