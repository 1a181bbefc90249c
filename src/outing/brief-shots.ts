import type { BriefShot } from "@/core/judge";
import { askedOf, mountedFor } from "./ask";
import type { Shot } from "@/core/scene";
import type { OutingView } from "./outing-view";

/** Times of a shot's span that are looked at unless said. */
const TIMES = 3;

/** Shots with what they are taken with, over the outing from its start; those that the kit cannot take are left out. */
export function briefShots<S extends Shot>(
  { outing, kit, preferences, window }: OutingView,
  shots: readonly S[],
  times = TIMES,
): { readonly planned: S; readonly asked: BriefShot }[] {
  const { starts, until } = window;
  const instants = Array.from({ length: times }, (_, i) => starts + ((until - starts) * i) / (times - 1));
  return shots.flatMap((planned) => {
    const asked = askedOf(outing, planned, mountedFor(outing, planned, kit), preferences);
    return asked ? [{ planned, asked: { ...asked, times: instants } }] : [];
  });
}
