/** What comes round, as the list of outings loads it by itself. */
export { ComingUp } from "../places/ComingUp";
