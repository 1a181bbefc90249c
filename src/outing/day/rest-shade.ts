import { canopyAt, lensOf, type Position } from "@/core/ground";
import { shadedBy, sunAt } from "@/core/light";
import { windowOf, type Outing } from "@/data";
import { conditionsOf, HIGH_SUN } from "./day";

const STEP = 10 * 60_000;
/** Metres above the ground of the head of somebody who sits. */
const SEATED = 1.1;

/** The longest shade at one of the positions while the sun is high. */
export interface RestShade {
  readonly position: Position;
  /** Epoch milliseconds, to ten minutes. */
  readonly from: number;
  readonly until: number;
}

/**
 * On a hot day under the sky, where one can sit in the shade of what stands there and how long; "none" where every position lies in
 * the sun all the time that it is high, undefined on any other day.
 */
export function restShade(outing: Outing): RestShade | "none" | undefined {
  if (outing.light.roof || !conditionsOf(outing).includes("heat")) return undefined;
  const { ground } = outing;
  const { from, until } = windowOf(outing);
  const suns: { readonly at: number; readonly sun: ReturnType<typeof sunAt> }[] = [];
  for (let at = from; at <= until; at += STEP) {
    const sun = sunAt(at, ground.anchor);
    if (sun.altitude >= HIGH_SUN) suns.push({ at, sun });
  }
  if (suns.length === 0) return undefined;
  const stretches = ground.positions.flatMap((position): RestShade[] => {
    const head = lensOf(ground, { ...position, lensHeight: SEATED });
    const under = canopyAt(ground, position.at) !== undefined;
    const found: { position: Position; from: number; until: number }[] = [];
    suns.forEach(({ at, sun }, i) => {
      if (!under && !shadedBy(head, sun, ground.obstacles)) return;
      const last = found.at(-1);
      if (last && last.until === suns[i - 1]?.at) last.until = at;
      else found.push({ position, from: at, until: at });
    });
    return found;
  });
  const long = stretches.filter((s) => s.until > s.from);
  return long.length === 0 ? "none" : long.reduce((a, b) => (b.until - b.from > a.until - a.from ? b : a));
}
