import { VARIANTS, type Variant } from "@/core/scene";
import { idFromName, type StoredShot } from "@/data";

/** A further shot like another, as a variant of it, under a name and an id of its own. */
export function variantOf(
  shot: StoredShot,
  variant: Variant,
  name: string,
  taken: readonly { readonly id: string }[],
): StoredShot {
  return { ...shot, ...VARIANTS[variant], id: idFromName(name, taken, "shot"), name };
}
