import type { WayToTake } from "@/answers/expose/ways";
import type { Assessment } from "@/core/judge";
import {
  apertureWords,
  clicksAsStops,
  heldWayWords,
  isoWords,
  keptWords,
  sacrificeWords,
  shutterWords,
  stopsNoun,
  twoFigures,
} from "@/words";

/** What a way out costs, in words. */
export function priceOf(way: WayToTake, found: Assessment): string {
  if (way.held) return heldWayWords(way.held);
  if (way.clicks === 0)
    return {
      lift: "you allow none",
      aperture: "the lens opens no wider",
      shutter: "no slower shutter to go to",
      iso: "no higher ISO to go to",
    }[way.kind];
  const part = way.left > 0 ? `; ${stopsNoun(way.left)} still missing` : "";
  if (way.kind === "lift") return `noise +${twoFigures(way.noiseStops)}${part}`;
  if (way.kind === "iso") return `past your ceiling; noise +${twoFigures(way.noiseStops)}${part}`;
  if (way.kind === "aperture") return `less depth${part}`;
  return `${found.motion.held.name} ${keptWords(way.chance)}${part}`;
}

/** What a way out is called. */
export function nameOf(way: WayToTake): string {
  if (way.clicks === 0) return sacrificeWords(way.kind);
  if (way.kind === "lift") return `Push by ${clicksAsStops(way.clicks)} in post`;
  if (way.kind === "shutter") return shutterWords(way.settings.shutter);
  return way.kind === "aperture" ? apertureWords(way.settings.aperture) : isoWords(way.settings.iso);
}

/** What a way is worth beside its price, which says what is still missing: used already, or enough by itself. */
export function worthWords({ kind, left }: WayToTake, { settings: { taken } }: Assessment): string {
  const used = taken.find((t) => t.kind === kind);
  if (used) return `used: ${stopsNoun(used.clicks)}`;
  return left === 0 ? "enough" : "";
}
