import type { Repository, Saved } from "@/data";
import type { Beside } from "@/data/beside";
import { openSmallPictures } from "@/data/beside/small-pictures";
import { goneAt, lastKept } from "./kept-days";

/**
 * A deleted outing is gone for good, with its earlier states, its tags, what was spoken and its traced picture. What lies beside the
 * record goes first: where that fails the record is still listed, and it is tried again.
 */
export async function forgetForGood(
  repository: Repository,
  beside: Beside,
  id: string,
): Promise<Saved<true>> {
  const isGone = await beside.forget(id).then(
    () => true,
    () => false,
  );
  return isGone ? repository.forgetOuting(id) : { ok: false, reason: "storage-failed" };
}

/** What was deleted longer ago than that goes for good. */
export async function sweepDeleted(repository: Repository, beside: Beside, now: number): Promise<void> {
  for (const { outing, deletedAt } of await repository.deletedOutings())
    if (goneAt(deletedAt) <= now) await forgetForGood(repository, beside, outing.id);
  await beside.sweep(lastKept(now));
  await forgetSmallPictures((await repository.listOutings()).outings);
}

/** Small pictures of all outings but these go; they are made again where they are wanted. */
export const forgetSmallPictures = (outings: readonly { readonly id: string }[]): Promise<void> =>
  openSmallPictures().forgetOthers(new Set(outings.map(({ id }) => id)));
