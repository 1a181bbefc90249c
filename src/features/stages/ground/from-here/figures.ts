import type { Assessment } from "@/core/judge";
import {
  apertureWords,
  bearingWords,
  evWords,
  lightSideWords,
  metresWords,
  percentWords,
  shutterWords,
} from "@/words";
import type { Shown } from "../../reasons/Figures";

export type Asked = "distance" | "light" | "ev" | "fill";

/** The four figures of a place. */
export function groundFigures(found: Assessment, along: "height" | "width" = "height"): Shown[] {
  const { sighting, light, settings } = found;
  const side = lightSideWords(light);
  const veto = found.judgement.find((j) => j.weight === "veto");
  const reachBad = veto?.code === "out-of-reach" || veto?.code === "does-not-fit";
  return [
    {
      key: "distance",
      value: metresWords(sighting.distance),
      label: sighting.blockage ? "view blocked" : `to ${bearingWords(sighting.bearing)}`,
      tone: sighting.blockage ? "bracken" : "ink",
    },
    { key: "light", value: side.value, label: side.label },
    {
      key: "ev",
      value: evWords(light.ev),
      label: `${shutterWords(settings.settings.shutter)} ${apertureWords(settings.settings.aperture)}`,
    },
    {
      key: "fill",
      value: percentWords(sighting.fill),
      label: `of ${along}`,
      tone: reachBad ? "bracken" : "ink",
    },
  ];
}

export const ASKED_TITLE: Readonly<Record<Asked, string>> = {
  distance: "The distance",
  light: "The light on the subject",
  ev: "The light on the subject",
  fill: "The size in the frame",
};
