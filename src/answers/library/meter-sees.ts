import { METER_SEES } from "@/core/catalogue";

/** What may fill the frame for a meter, by id and name, with the share of light that it throws back. */
export const fillings = (): typeof METER_SEES => METER_SEES;
