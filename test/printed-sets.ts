import type { Assessment, MemorySets } from "@/core/judge";

/** By how many clicks each set for the brief misses what was found, told again from what is printed alone. */
export function missesOfPrinted({ sets }: Pick<MemorySets, "sets">, found: Assessment): number[] {
  const { settings: need, missing, over, rails } = found.settings;
  const right = need.shutter + need.aperture - need.iso - missing + over;
  return sets
    .filter((s) => s.purpose === "brief")
    .map(({ mode, shutter: from, shutterTo, aperture, isoFrom, isoTo }) => {
      const shutter =
        mode === "aperture-priority" ? Math.max(from, Math.min(shutterTo, right + isoFrom - aperture)) : from;
      const iso = Math.max(isoFrom, Math.min(isoTo, shutter + aperture - right));
      // To come out right where the card itself cannot is no miss.
      const off = shutter + aperture - iso - right;
      const amiss = off > 0 ? Math.max(0, off - missing) : Math.max(0, -off - over);
      const drawn = found.motion.pan !== undefined;
      const slowest = Math.min(need.shutter, rails.shutter.from);
      return amiss + (drawn ? Math.abs(shutter - need.shutter) : Math.max(0, slowest - shutter));
    });
}
