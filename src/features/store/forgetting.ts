import type { Repository, Saved } from "@/data";
import { hasDatabase } from "@/data/has-database";
import { goneAt, lastKept } from "./kept-days";

/**
 * A deleted outing is gone for good, with its earlier states, its tags, what was spoken and its traced picture. What lies beside the
 * record goes first: where that fails the record is still listed, and it is tried again.
 */
export async function forgetForGood(repository: Repository, id: string): Promise<Saved<true>> {
  const { tags } = await import("@/data/tags");
  const { pictures } = await import("@/data/pictures");
  const beside = await Promise.all([
    tags.forget(id).then(({ ok }) => ok),
    pictures.forget(id).then(
      () => true,
      () => false,
    ),
  ]).catch(() => [false]);
  // A browser without a database keeps nothing beside its records.
  if (hasDatabase() && beside.includes(false)) return { ok: false, reason: "storage-failed" };
  return repository.forgetOuting(id);
}

/** What was deleted longer ago than that goes for good. */
export async function sweepDeleted(repository: Repository, now: number): Promise<void> {
  for (const { outing, deletedAt } of await repository.deletedOutings())
    if (goneAt(deletedAt) <= now) await forgetForGood(repository, outing.id);
  await (await import("@/data/tags")).tags.sweep(lastKept(now));
  await (await import("@/data/pictures")).pictures.sweep(lastKept(now));
}
