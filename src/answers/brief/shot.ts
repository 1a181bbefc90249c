import { depthWishFor, type DepthWish } from "@/core/scene";
import type { StoredShot, StoredSubject } from "@/data";

/** What of a subject should be sharp in a kind of picture, until it is told otherwise. */
export const usualDepth = (subject: StoredSubject, shot: Pick<StoredShot, "intent">): DepthWish =>
  depthWishFor(subject, shot);
