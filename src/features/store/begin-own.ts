import type { Beginning } from "@/data";
import { ownBeginning } from "./own-beginning";

/** Loaded by itself: an empty list and a generic bag. */
export const beginOwn = (): Beginning => ({ kit: ownBeginning(), outings: [] });
