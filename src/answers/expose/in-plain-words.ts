import { apertureFNumber, type RailState, type Settings } from "@/core/exposure";
import type { Intent } from "@/core/scene";
import { answered } from "../answered";
import { waysOfView } from "./ways";
import { fieldCard, settingsOfCard } from "../run/card";

/** Why a rail stands where it stands, as somebody asks who does not know the trade's words. */
export interface PlainWords {
  readonly settings: Settings;
  readonly shutter: {
    readonly why: "held" | "given-up" | Intent;
    /** What of the subject has to be sharp, and how many of one frame, 0 … 1, hold it. */
    readonly part: string;
    readonly chance: number;
  };
  readonly aperture: "held" | "widest" | "depth" | "bright";
  readonly iso: "held" | "lowest" | "some-grain" | "much-grain";
  /** Whether it is all that was asked, the best that can be had, or still too dark or too bright. */
  readonly best: "all" | "given-up" | "too-dark" | "too-bright";
  /** Stops still missing, 0 or more. */
  readonly missing: number;
  /** What a lens that opens to f/2.8 would give in stops; absent where the light suffices, or this one opens as far. */
  readonly openLens?: number;
  /** The brightest other position, and what it gives in stops. */
  readonly brighter?: { readonly name: string; readonly stops: number };
}

/** Stops under the ISO ceiling from which grain is seen, and from which there is much of it (common practice). */
const GRAIN = { some: 3, much: 1 };
const OPEN_LENS = 2.8;

function apertureWhy({ locked, first, fromReason }: RailState, click: number): PlainWords["aperture"] {
  if (locked) return "held";
  if (click <= first) return "widest";
  return fromReason === "depth" ? "depth" : "bright";
}

function isoWhy({ locked, first, to }: RailState, click: number): PlainWords["iso"] {
  if (locked) return "held";
  const below = (to - click) / 3;
  if (click <= first || below >= GRAIN.some) return "lowest";
  return below >= GRAIN.much ? "some-grain" : "much-grain";
}

/** What to set and why, for the picture in hand; nothing while there is none. */
export const inPlainWords = answered(
  (view) => [view.found, view.shot.intent, fieldCard(view), waysOfView(view)] as const,
  (found, intent, card, ways): PlainWords | undefined => {
    if (!found || !card) return undefined;
    const { rails, taken, missing, over } = found.settings;
    const settings = settingsOfCard(card);
    const { held } = found.motion;
    const gaveUp = taken.some((t) => t.kind === "shutter");
    const stops = 2 * Math.log2(apertureFNumber(settings.aperture) / OPEN_LENS);
    const brighter = ways?.brighter.toSorted((a, b) => b.stops - a.stops)[0];
    return {
      settings,
      shutter: {
        why: rails.shutter.locked ? "held" : gaveUp ? "given-up" : intent,
        part: held.name,
        chance: held.chance,
      },
      aperture: apertureWhy(rails.aperture, settings.aperture),
      iso: isoWhy(rails.iso, settings.iso),
      best: missing > 0 ? "too-dark" : over > 0 ? "too-bright" : ways ? "given-up" : "all",
      missing: missing / 3,
      ...(ways && stops >= 1 && { openLens: stops }),
      ...(ways && brighter && { brighter: { name: brighter.name, stops: brighter.stops } }),
    };
  },
);
