import { DAY_CONDITIONS } from "@/core/catalogue";

/** What a day may be, as packing asks it. */
export const dayConditions = (): typeof DAY_CONDITIONS => DAY_CONDITIONS;
