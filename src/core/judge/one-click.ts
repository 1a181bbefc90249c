import { depthOfField } from "../optics";
import {
  apertureFNumber,
  isoSpeed,
  neighbours,
  noiseOf,
  type Noise,
  type Rail,
  type Settings,
} from "../exposure";
import { keptVerdict, type KeptVerdict } from "../motion";
import type { AssessInput, Assessment } from "./assessment";
import { blurModelOf } from "./motion-found";
import { keptCircleMm } from "./sighting";

/** What one click of a rail does to the picture, the two other rails as they are. */
export interface OneClick {
  readonly rail: Rail;
  /** −1 gives a third of a stop of light by shutter and aperture and takes it by the ISO; 1 the other way. */
  readonly by: 1 | -1;
  readonly settings: Settings;
  /** Thirds of a stop by which the picture gets brighter (+) or darker (−). */
  readonly brighter: 1 | -1;
  /** Smear of the held part in µm, and how it reads. */
  readonly blurUm: number;
  readonly verdict: KeptVerdict;
  /** Metres that are sharp; a code when there is no far end. */
  readonly sharp: number | "unbounded";
  /** Frames of one that hold, 0 … 1. */
  readonly chance: number;
  /** Shot noise in stops above the same body at base ISO. */
  readonly noise: number;
}

/** The six neighbours of the settings found, within what lens and body have. */
export function oneClick(input: AssessInput, found: Assessment): OneClick[] {
  const model = blurModelOf(input, found);
  const { settings, rails } = found.settings;
  const { distance, frame } = found.sighting;
  return neighbours(settings)
    .filter(({ rail, settings: s }) => s[rail] >= rails[rail].first && s[rail] <= rails[rail].last)
    .map(({ rail, by, settings: there }) => {
      const { chance } = model.chance(there);
      const { near, far } = depthOfField({
        focalLengthMm: frame.focalLengthMm,
        fNumber: apertureFNumber(there.aperture),
        subjectDistance: distance,
        circleOfConfusionMm: keptCircleMm(input, frame.kept),
      });
      return {
        rail,
        by,
        settings: there,
        brighter: (rail === "iso" ? by : -by) as 1 | -1,
        blurUm: model.blurUm(there),
        verdict: keptVerdict(chance),
        sharp: far === "unbounded" ? far : far - near,
        chance,
        noise: noiseFound(input, found, there.iso).noiseAboveBase,
      };
    });
}

/** Noise of a picture by the light that its kept frame collects, at an ISO click. */
export const noiseFound = (input: AssessInput, found: Assessment, iso: number): Noise =>
  noiseOf({
    format: input.rig.body.format,
    kept: found.sighting.frame.kept,
    iso: isoSpeed(iso),
    baseIso: input.rig.body.baseIso,
    lift: (found.settings.taken.find((t) => t.kind === "lift")?.clicks ?? 0) / 3,
  });
