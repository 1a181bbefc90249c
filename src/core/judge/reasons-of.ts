import { apertureFNumber, isoSpeed, lostStops } from "../exposure";
import { surfaceAt } from "../ground";
import { GROUND_REFLECTANCE } from "../light";
import type { AssessInput, Assessment } from "./assessment";
import { depthAsked, depthSeen } from "./depth-asked";
import { blurModelOf } from "./motion-found";
import { reason, type Reason } from "./reasons";
import { settingsAsked } from "./settings-found";
import { sightOf } from "./sight-of";

/** The figures of a picture that have reasons. */
export type Reasoned = "distance" | "fill" | "ev" | "shutter" | "aperture" | "iso";

/** What each figure rests on, step by step. */
export type Reasons = Readonly<Record<Reasoned, readonly Reason[]>>;

/**
 * Why the figures of a picture are what they are: codes with their numbers, in the order in which one follows from the other. Worked
 * out when they are asked for, of what was assessed for this input. Throws as `sightOf` does.
 */
export function reasonsOf(input: AssessInput, found: Assessment): Reasons {
  return {
    distance: distanceReasons(input, found),
    fill: fillReasons(input, found),
    ev: lightReasons(input, found),
    shutter: shutterReasons(input, found),
    aperture: apertureReasons(input, found),
    iso: isoReasons(input, found),
  };
}

function distanceReasons(input: AssessInput, { sighting }: Assessment): Reason[] {
  const { lens, aim } = sightOf(input);
  return [
    reason("distance-in-space", { east: aim.x - lens.x, north: aim.y - lens.y, rise: aim.z - lens.z }),
    reason("bearing-of-sight", { bearing: sighting.bearing }),
  ];
}

function fillReasons({ shot }: AssessInput, { sighting }: Assessment): Reason[] {
  const { frame, fill, partSize, distance } = sighting;
  return [
    reason("fill-is-image-over-frame", { partSize, fill, distance }, "handbook-optics"),
    reason("focal-length-used", { focalLengthMm: frame.focalLengthMm, frameUp: frame.frameUp }),
    reason("crop-keeps", { kept: frame.kept, px: frame.keptLongEdgePx, wished: shot.fill }),
  ];
}

function lightReasons(input: AssessInput, { light }: Assessment): Reason[] {
  const { scene } = input;
  const { lux, offsets, lampShare } = light;
  const reflectance = GROUND_REFLECTANCE[surfaceAt(scene.ground, sightOf(input).spot.at)];
  const lamps = (): Reason =>
    lampShare === undefined
      ? reason("light-of-masts", { lux: lux.lamps, masts: scene.ground.masts.length })
      : reason("light-of-lamps", { horizontal: scene.lampLux, share: lampShare }, "en-12193");
  return [
    ...(lux.sun > 0 ? [reason("light-of-sun", { lux: lux.sun }, "usno-171")] : []),
    ...(lux.moon > 0 ? [reason("light-of-moon", { lux: lux.moon }, "usno-171")] : []),
    reason("light-of-sky", { lux: lux.sky }, "ies-daylight"),
    reason("light-of-ground", { lux: lux.ground, reflectance }, "common-practice"),
    ...(lux.lamps > 0 ? [lamps()] : []),
    ...(offsets.zone === 0 ? [] : [reason("zone-offset", { stops: offsets.zone }, "common-practice")]),
    ...(offsets.day === 0 && offsets.lamps === 0
      ? []
      : [reason("reading-offsets", { day: offsets.day, lamps: offsets.lamps }, "common-practice")]),
    evReason(light),
  ];
}

const evReason = ({ lux, ev }: Assessment["light"]): Reason =>
  reason("ev-from-lux", { lux: lux.total, ev }, "iso-2720");

function shutterReasons(input: AssessInput, found: Assessment): Reason[] {
  const { sighting, settings } = found;
  const blur = blurModelOf(input, found);
  const { body, heldSpeed, streakExposure } = blur;
  const moving = [
    reason("part-speed", { speed: heldSpeed }, "common-practice"),
    reason("speed-on-sensor", {
      mmPerSecond: (heldSpeed * body.umPerMetre) / 1000,
      distance: sighting.distance,
      focalLengthMm: sighting.frame.focalLengthMm,
    }),
  ];
  if (streakExposure !== undefined)
    return [
      ...moving,
      reason("streak-drawn", {
        seconds: streakExposure,
        transverseSpeed: body.transverseSpeed,
        mmPerSecond: (body.transverseSpeed * body.umPerMetre) / 1000,
      }),
    ];
  const slowest = blur.slowestExposure(settings.settings.aperture);
  return [
    ...moving,
    reason("tolerance", { um: blur.toleranceUm, px: blur.toleranceUm / blur.deliveredPixelUm }),
    typeof slowest === "number"
      ? reason("slowest-exposure", { seconds: slowest }, "variance-rule")
      : reason(`slowest-${slowest}`, {}, "variance-rule"),
  ];
}

function apertureReasons(input: AssessInput, { sighting, light, settings }: Assessment): Reason[] {
  const depth = depthAsked(input, depthSeen(sighting));
  const { lensWidest, diffractionAperture } = settingsAsked(input, light.ev);
  const { depthGiven } = settings;
  return [
    reason("lens-widest", { fNumber: apertureFNumber(lensWidest) }),
    depth.fNumber > 0
      ? reason(
          `depth-of-${depth.kind}`,
          { depth: depth.far - depth.near, fNumber: depth.fNumber },
          "handbook-optics",
        )
      : reason("depth-of-eye", {}),
    ...(depthGiven > 0 ? [reason("depth-given-up", { clicks: depthGiven })] : []),
    reason("diffraction-from", { fNumber: apertureFNumber(diffractionAperture) }),
  ];
}

/** Stops lost close up from which it is worth saying. */
const CLOSE_UP_TOLD = 0.15;

function isoReasons(input: AssessInput, { light, settings: found }: Assessment): Reason[] {
  const { lightEv, lost, isoCeiling } = settingsAsked(input, light.ev);
  const { settings, short, filterStops } = found;
  return [
    evReason(light),
    ...(lightEv === light.ev ? [] : [reason("exposed-for-sky", { ev: lightEv })]),
    ...(lost["close-up"] > CLOSE_UP_TOLD
      ? [reason("close-up-loses", { stops: lost["close-up"] }, "handbook-optics")]
      : []),
    ...(lost.netting > 0 ? [reason("netting-takes", { stops: lost.netting })] : []),
    ...(lost.glass > 0 ? [reason("glass-takes", { stops: lost.glass }, "handbook-optics")] : []),
    reason(
      "iso-follows",
      {
        shutter: settings.shutter / 3,
        aperture: settings.aperture / 3,
        light: lightEv - lostStops(lost) - filterStops,
        iso: settings.iso / 3,
      },
      "exif-2-32",
    ),
    ...(filterStops > 0 ? [reason("filter-takes", { stops: filterStops })] : []),
    ...(input.shot.intent === "reaction"
      ? [reason("ceiling-for-a-face", { iso: isoSpeed(isoCeiling) }, "assumed")]
      : []),
    reason("ceiling-of-body", { iso: input.rig.body.isoCeiling, short }),
  ];
}
