import { isMirrored, sidedBy, type SidedBy } from "@/core/judge";
import { depthWishFor, type DepthWish } from "@/core/scene";
import type { StoredShot, StoredSubject } from "@/data";

/** What of a subject should be sharp in a kind of picture, until it is told otherwise. */
export const usualDepth = (subject: StoredSubject, shot: Pick<StoredShot, "intent">): DepthWish =>
  depthWishFor(subject, shot);

/** By which side people who do this differ, if they do. */
export const sideAsked = (subject: StoredSubject): SidedBy | undefined => sidedBy(subject);

/** Whether the one who is taken is the mirror of most. */
export const isMirrorImage = (
  subject: Parameters<typeof sidedBy>[0],
  { side }: Pick<StoredShot, "side">,
): boolean => isMirrored(sidedBy(subject), side);
