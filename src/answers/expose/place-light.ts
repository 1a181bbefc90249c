import { meterSees } from "@/core/catalogue";
import { meterCompensation, type ModeAdvice } from "@/core/exposure";
import { nextSunset } from "@/core/light";
import {
  aperturePriority,
  lightFor,
  shadowEdge,
  tonesFound,
  whenRight,
  zonesLight,
  type AperturePriority,
  type ShadowEdge,
  type Tones,
  type ZoneLight,
} from "@/core/judge";
import { answered } from "../answered";
import { exposing } from "../shot/exposing";

/** The light of the place, and how to expose in it. */
export interface PlaceLight {
  readonly advice: ModeAdvice;
  /** When the settings in hand are right; epoch milliseconds. */
  readonly right: readonly { readonly from: number; readonly until: number }[];
  /** The next sunset over a level horizon, epoch milliseconds; absent where the sun does not set. */
  readonly sunset?: number;
  /** The zones but that of the spot in hand. */
  readonly zones: readonly ZoneLight[];
  readonly edge?: ShadowEdge;
  readonly tones?: Tones;
  /** Clicks by which a meter takes the snow or ice that fills a frame too dark. */
  readonly whiteGround?: number;
  readonly priority: AperturePriority;
}

/** How long settings stay right, which way of exposing suits, zones, a shadow's edge, whites against faces, aperture priority. */
export const placeLight = answered(
  (view) => [view.input, view.found, view.timeline, view.outing.ground.anchor, exposing(view)] as const,
  (input, found, timeline, anchor, advice): PlaceLight | undefined => {
    if (!input || !found || !advice) return undefined;
    const { surface } = found.light;
    const sunset = nextSunset(found.at, anchor);
    const white = surface === "snow" || surface === "ice" ? surface : undefined;
    return {
      advice,
      right: whenRight(timeline, lightFor(found, found.settings.settings)),
      ...(sunset.ok ? { sunset: sunset.value } : {}),
      zones: zonesLight(input, found).filter((z) => !z.own && z.clicks !== 0),
      edge: shadowEdge(found),
      tones: tonesFound(input, found),
      ...(white ? { whiteGround: Math.round(3 * meterCompensation(meterSees(white).reflectance)) } : {}),
      priority: aperturePriority(found),
    };
  },
);
