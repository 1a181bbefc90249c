import { zonesLight, type ZoneLight } from "@/core/judge";
import { changed, type Rail } from "@/core/exposure";
import { answered, ofPicture } from "../answered";

/** Another part of the ground: what to turn from the card when play goes there. */
export interface ZoneClicks extends ZoneLight {
  /** The rail that is free to follow, and the click at which it then stands. */
  readonly rail: Rail;
  readonly click: number;
  /** Clicks by which that lies past what shot, kit or owner allow: it comes out so much amiss, or smears; 0 within. */
  readonly past: number;
}

/** The zones but that of the spot in hand, and what serves all of them at once. */
export interface Zones {
  readonly others: readonly ZoneClicks[];
  /** One setting between the brightest and the darkest: its click, and by how many clicks the ends are off. */
  readonly between?: { readonly rail: Rail; readonly click: number; readonly off: number };
}

/** Clicks elsewhere, on the rail that follows the light; the ground at large is one of the zones. */
export const zones = answered(ofPicture, (input, found): Zones => {
  if (!input || !found) return { others: [] };
  const { settings, rails, follows } = found.settings;
  // Less light: a higher ISO, a slower shutter, a wider aperture.
  const sign = follows === "iso" ? -1 : 1;
  const at = (clicks: number): number => changed(settings, follows, sign * clicks)[follows];
  const { from, to } = rails[follows];
  const others = zonesLight(input, found)
    .filter((z) => !z.own)
    .map((zone): ZoneClicks => {
      const click = at(zone.clicks);
      return { ...zone, rail: follows, click, past: Math.max(0, from - click, click - to) };
    });
  const clicks = [0, ...others.map((z) => z.clicks)];
  const [least, most] = [Math.min(...clicks), Math.max(...clicks)];
  // Not past what is allowed: there it is the darker end that comes out darker.
  const middle = Math.max(from, Math.min(to, at(Math.round((least + most) / 2))));
  const off = Math.max(...clicks.map((c) => Math.abs(at(c) - middle)));
  return {
    others,
    ...(most - least >= 2 ? { between: { rail: follows, click: middle, off } } : {}),
  };
});
