import type { Rail, Settings } from "@/core/exposure";
import type { Automatic, AutomaticMoment } from "@/core/judge";
import { clicksWords, evWords, isoNumberWords, signedClicks, stopsNoun } from "./format";

const MOMENTS: Readonly<Record<AutomaticMoment["code"], string>> = {
  "auto-at-floor": "auto ISO at floor",
  "auto-off-floor": "auto ISO off floor",
  "auto-at-ceiling": "auto ISO at ceiling",
  "auto-off-ceiling": "auto ISO under ceiling",
};
export const automaticMomentWords = (code: AutomaticMoment["code"]): string => MOMENTS[code];

/** What the body will choose, and how the picture comes out. */
export function automaticSentence({ iso, pictureOff }: Automatic): string {
  const chosen = `The body will choose about ISO ${isoNumberWords(iso)}`;
  if (Math.abs(pictureOff) <= 1) return `${chosen}: right${pictureOff === 0 ? "" : " to a third of a stop"}.`;
  return `${chosen}: ${stopsNoun(pictureOff)} too ${pictureOff > 0 ? "bright" : "dark"}.`;
}

/** Between which light the automatic can follow. */
export const automaticReachSentence = ({ floorEv, ceilingEv, isoFloor, isoCeiling }: Automatic): string =>
  `It follows from ${evWords(ceilingEv)} (ISO ${isoNumberWords(isoCeiling)}, your ceiling) to ${evWords(floorEv)} (ISO ${isoNumberWords(isoFloor)}, your floor). In more light pictures come out too bright: raise the shutter.`;

export const compensationWords = (clicks: number): string =>
  clicks === 0 ? "no compensation" : `compensation ${signedClicks(clicks)}`;

/** What a meter that is misled does, and what to set against it. */
export const misledWords = ({ clicks, set }: { readonly clicks: number; readonly set: number }): string =>
  `comes out ${stopsNoun(Math.abs(clicks))} too ${clicks > 0 ? "bright" : "dark"}: set ${signedClicks(set)}`;

/** Which way a click of a rail goes: the first takes light away, the second gives it. */
const TURNED: Readonly<Record<Rail, readonly [string, string]>> = {
  shutter: ["faster", "slower"],
  aperture: ["closed", "opened"],
  iso: ["up", "down"],
};

/** What to turn, in clicks from where the camera stands: "shutter 2 clicks slower, ISO 1 click up"; nothing when it is right. */
export const turnedWords = (from: Settings, to: Settings): string =>
  (["shutter", "aperture", "iso"] as const)
    .filter((rail) => from[rail] !== to[rail])
    .map((rail) => {
      const by = to[rail] - from[rail];
      return `${rail === "iso" ? "ISO" : rail} ${clicksWords(Math.abs(by))} ${TURNED[rail][by > 0 ? 0 : 1]}`;
    })
    .join(", ");
