import type { Beginning, StoredKit } from "@/data";
import { ownBeginning } from "@/outing/begin/own-beginning";

/** Loaded by itself: an empty list, and the kit that was chosen or a generic bag. */
export const beginOwn = (kit: StoredKit = ownBeginning()): Beginning => ({ kit, outings: [] });
