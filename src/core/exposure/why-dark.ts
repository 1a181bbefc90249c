import type { FindStopsInput } from "./find-stops";

/** How a picture was exposed: what the camera chose by itself. */
export type WayExposed =
  "manual" | "aperture-priority" | "shutter-priority" | "auto-iso" | "full-auto" | "sport-program";

/** Why it came out dark. */
export type WhyDark =
  | "by-hand"
  | "shutter-at-its-end"
  | "aperture-at-its-end"
  | "iso-at-its-end"
  | "all-at-their-ends"
  | "program-too-slow"
  | "meter-misled";

/**
 * Why a picture came out dark (common practice, no source): by hand nothing makes up for the light; an automatic gives what its own
 * rail has, and where that stands at its end there was no more; short of its end the meter thought it bright enough.
 */
export function whyDark(
  mode: WayExposed,
  { settings, slowestShutter, widestAperture, isoCeiling }: FindStopsInput,
): WhyDark {
  switch (mode) {
    case "manual":
      return "by-hand";
    case "aperture-priority":
      return settings.shutter <= slowestShutter ? "shutter-at-its-end" : "meter-misled";
    case "shutter-priority":
      return settings.aperture <= widestAperture ? "aperture-at-its-end" : "meter-misled";
    case "auto-iso":
      return settings.iso >= isoCeiling ? "iso-at-its-end" : "meter-misled";
    case "full-auto":
    case "sport-program":
      if (settings.shutter < slowestShutter) return "program-too-slow";
      return settings.aperture <= widestAperture && settings.iso >= isoCeiling
        ? "all-at-their-ends"
        : "meter-misled";
  }
}
