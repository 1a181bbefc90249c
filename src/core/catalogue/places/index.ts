import { FIELD_PLACES } from "./fields";
import { HALL_PLACES } from "./halls-and-courts";
import { MORE_PLACES } from "./more";
import { OPEN_PLACES } from "./open";
import type { TradePlace } from "./place";

export type { TradePlace } from "./place";

/** Where the trade stands, discipline by discipline. */
export const TRADE_PLACES: readonly TradePlace[] = Object.freeze([
  ...FIELD_PLACES,
  ...HALL_PLACES,
  ...OPEN_PLACES,
  ...MORE_PLACES,
]);
