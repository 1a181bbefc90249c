import { betweenZones, railAt, zonesLight, type BetweenZones, type ZoneLight } from "@/core/judge";
import type { Rail } from "@/core/exposure";
import { answered, ofPicture } from "../answered";

/** Another part of the ground: what to turn from the card when play goes there. */
export interface ZoneClicks extends ZoneLight {
  /** The rail that is free to follow, and the click at which it then stands. */
  readonly rail: Rail;
  readonly click: number;
  /** Clicks by which that lies past what shot, kit or owner allow: it comes out so much amiss, or smears; 0 within. */
  readonly past: number;
}

/** The zones but that of the spot in hand, and one setting that serves all of them at once. */
export interface Zones {
  readonly others: readonly ZoneClicks[];
  readonly between?: BetweenZones;
}

/** Clicks elsewhere, on the rail that follows the light; the ground at large is one of the zones. */
export const zones = answered(ofPicture, (input, found): Zones => {
  if (!input || !found) return { others: [] };
  const { rails, follows } = found.settings;
  const { from, to } = rails[follows];
  const all = zonesLight(input, found);
  const others = all
    .filter((z) => !z.own)
    .map((zone): ZoneClicks => {
      const click = railAt(found.settings, zone.clicks);
      return { ...zone, rail: follows, click, past: Math.max(0, from - click, click - to) };
    });
  return { others, between: betweenZones(found, all) };
});
