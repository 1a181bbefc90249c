import { blurModelOf, keptCircleMm, sightOf, type AssessInput, type Assessment } from "@/core/judge";
import { apertureFNumber, isoSpeed, shutterSeconds } from "@/core/exposure";
import { blurDiscUm, heldSidesMm, imageDistanceMm, pixelPitchUm, stabiliserStopsOf } from "@/core/optics";
import { focusDrift, focusedAt, movingUmPerSecond, stillLengthUm } from "@/core/motion";
import type { OutingView } from "@/outing/outing-view";
import { figure, given, type Figure, type Whole } from "./figure";

/** The figures that can be pressed. */
export const EXPLAINED = [
  "shutter",
  "aperture",
  "iso",
  "ev",
  "distance",
  "fill",
  "blur",
  "chance",
  "near",
  "far",
  "softness",
] as const;

export type Explained = (typeof EXPLAINED)[number];

/** A picture and what was asked for it. */
interface Given {
  readonly input: AssessInput;
  readonly found: Assessment;
  readonly asked: Whole;
}

/**
 * The figure that is pressed, with its sum down to what was measured, chosen or stands in a catalogue. Nothing where the picture has
 * no such figure: a far end that is nowhere, a background that is plain.
 */
export function explain(
  { input, found }: Pick<OutingView, "input" | "found">,
  which: Explained,
): Figure | undefined {
  if (!input || !found) return undefined;
  return SUMS[which]({ input, found, asked: { kind: "whole", value: input } });
}

type Sum = (of: Given) => Figure | undefined;

const distanceOf = ({ input, found, asked }: Given): Figure => {
  const { lens, aim } = sightOf(input);
  return figure(found.sighting.distance.value, "distance", {
    aimEast: figure(aim.x, "aimOf.x", { asked }),
    lensEast: figure(lens.x, "lensOf.x", { asked }),
    aimNorth: figure(aim.y, "aimOf.y", { asked }),
    lensNorth: figure(lens.y, "lensOf.y", { asked }),
    aimHeight: figure(aim.z, "aimOf.z", { asked }),
    lensHeight: figure(lens.z, "lensOf.z", { asked }),
  });
};

const focalLengthOf = ({ found, asked }: Given): Figure =>
  figure(found.sighting.frame.focalLengthMm, "frameSubject.focalLengthMm", { asked });

const magnificationOf = (of: Given): Figure =>
  figure(of.found.sighting.frame.magnification, "magnification", {
    focalLengthMm: focalLengthOf(of),
    distance: distanceOf(of),
  });

const fillOf = (of: Given): Figure => {
  const { input, found, asked } = of;
  const { across, up } = heldSidesMm(input.rig.body.format, input.shot.orientation);
  return figure(found.sighting.fill.value, "fillOf", {
    magnification: magnificationOf(of),
    partSize: figure(found.sighting.partSize, "partSizeOf", { asked }),
    sideMm: given(input.shot.along === "width" ? across : up, "mm", "kit"),
  });
};

const luxOf = ({ found, asked }: Given): Figure => {
  const { lux } = found.light;
  const parts = { sun: lux.sun, sky: lux.sky, ground: lux.ground, moon: lux.moon, lamps: lux.lamps };
  const lit = Object.entries(parts).filter(([, value]) => value > 0);
  return figure(lux.total, "findLight", {
    asked,
    ...Object.fromEntries(
      lit.map(([name, value]) => [name, figure(value, `findLight.${name as keyof typeof parts}`, { asked })]),
    ),
  });
};

const evOf = (of: Given): Figure => figure(of.found.light.ev.value, "evFromLux", { lux: luxOf(of) });

const fNumberOf = (of: Given): Figure => {
  const { input, found, asked } = of;
  const { aperture } = found.settings.settings;
  return figure(apertureFNumber(aperture), "apertureFNumber", {
    clicks: figure(aperture, "solveSettings.aperture", {
      asked,
      ...(found.settings.depth.fNumber > 0
        ? { forDepth: figure(found.settings.depth.fNumber, "depthAsked", { asked }) }
        : {}),
      lensWidest: given(input.rig.lens.widest, "f-number", "kit"),
      lensNarrowest: given(input.rig.lens.narrowest, "f-number", "kit"),
    }),
  });
};

/** What softens the part that must hold: what moves, in µm a second, and what does not, in µm. */
function softening(of: Given): { readonly moving: Figure; readonly still: Figure } {
  const { input, found, asked } = of;
  const model = blurModelOf(input, found);
  const { aperture } = found.settings.settings;
  const blur = model.softens(aperture);
  const { focalLengthMm } = found.sighting.frame;
  const { body, support } = input.rig;
  const away = found.sighting.distance.value;
  const distance = distanceOf(of);
  const shake = figure(blur.shakeUmPerSecond, "shakeUmPerSecond", {
    focalLengthMm: focalLengthOf(of),
    stabiliserStops: figure(stabiliserStopsOf(input.rig), "stabiliserStopsOf", { asked }),
    supportStops: given(support.stops, "stops", "kit"),
  });
  const approach = Math.abs(model.body.radialSpeed);
  const drift = focusDrift(approach, "predictive");
  const point = focusedAt(away, drift);
  const motion = figure(blur.motionUmPerSecond, "imageSpeedUm", {
    speed: figure(model.heldSpeed, "bodyMotion.speed", { asked }),
    umPerMetre: figure(model.body.umPerMetre, "umPerMetreAt", {
      imageDistanceMm: figure(imageDistanceMm(focalLengthMm, away), "imageDistanceMm", {
        focalLengthMm: focalLengthOf(of),
        distance,
      }),
      distance,
    }),
  });
  const disc = { focalLengthMm, fNumber: apertureFNumber(aperture), subjectDistance: away, point };
  const defocus = figure(blurDiscUm(disc), "blurDiscUm", {
    focalLengthMm: focalLengthOf(of),
    fNumber: fNumberOf(of),
    distance,
    point: figure(point, "focusedAt", {
      distance,
      drift: figure(drift, "focusDrift", {
        approach: figure(approach, "bodyMotion.radialSpeed", { asked }),
      }),
    }),
  });
  return {
    moving: figure(movingUmPerSecond(blur), "movingUmPerSecond", {
      motion,
      // Along a pan the hand's unsteadiness is that of the turn.
      shakeAlong:
        blur.shakeAlongUmPerSecond === undefined ? shake : given(blur.shakeAlongUmPerSecond, "µm/s", "shot"),
      shake,
    }),
    still: figure(stillLengthUm(blur), "stillLengthUm", {
      defocus,
      workingFNumber: figure(blur.workingFNumber, "workingFNumber", {
        fNumber: fNumberOf(of),
        magnification: magnificationOf(of),
      }),
      pixel: figure(pixelPitchUm(body.format), "pixelPitchUm", {
        widthMm: given(body.format.widthMm, "mm", "kit"),
        widthPx: given(body.format.widthPx, "px", "kit"),
      }),
    }),
  };
}

const shutterOf = (of: Given): Figure => {
  const { input, found, asked } = of;
  const { shutter, aperture } = found.settings.settings;
  const model = blurModelOf(input, found);
  const slowest = model.slowestExposure(aperture);
  const byWhole = input.shot.tolerance !== "pixel-sharp" && model.unmended(aperture) === undefined;
  return figure(shutterSeconds(shutter), "shutterSeconds", {
    clicks: figure(shutter, "solveSettings.shutter", {
      asked,
      ...(typeof slowest === "number" && byWhole
        ? {
            slowest: figure(slowest, "slowestExposure", {
              tolerance: figure(model.toleranceUm, "toleranceUm", { asked }),
              ...softening(of),
            }),
          }
        : {}),
    }),
  });
};

const isoOf = (of: Given): Figure => {
  const { input, found, asked } = of;
  const { iso } = found.settings.settings;
  return figure(isoSpeed(iso), "isoSpeed", {
    clicks: figure(iso, "solveSettings.iso", {
      asked,
      light: evOf(of),
      ...(found.settings.lostStops > 0
        ? { lost: figure(found.settings.lostStops, "lostStops", { asked }) }
        : {}),
      exposure: shutterOf(of),
      fNumber: fNumberOf(of),
      isoCeiling: given(input.rig.body.isoCeiling, "ISO", "kit"),
    }),
  });
};

const depthInputs = (of: Given): Figure["of"] => {
  const { input, found, asked } = of;
  const { frame, depth } = found.sighting;
  const common = {
    focalLengthMm: focalLengthOf(of),
    fNumber: fNumberOf(of),
    circleMm: figure(keptCircleMm(input, frame.kept), "keptCircleMm", { asked }),
  };
  return { ...common, distance: distanceOf(of), hyperfocal: figure(depth.hyperfocal, "hyperfocal", common) };
};

const SUMS: Readonly<Record<Explained, Sum>> = {
  shutter: shutterOf,
  aperture: fNumberOf,
  iso: isoOf,
  ev: evOf,
  distance: distanceOf,
  fill: fillOf,
  blur: (of) =>
    figure(of.found.motion.budget.totalUm, "blurLengthUm", { ...softening(of), exposure: shutterOf(of) }),
  chance: (of) => figure(of.found.motion.held.chance, "keeperChance", { asked: of.asked, ...softening(of) }),
  near: (of) => figure(of.found.sighting.depth.near, "depthOfField.near", depthInputs(of)),
  far: (of) => {
    const { far } = of.found.sighting.depth;
    return far === "unbounded" ? undefined : figure(far, "depthOfField.far", depthInputs(of));
  },
  softness: (of) => {
    const { smoothness } = of.found.sighting.background;
    return smoothness === "plain" ? undefined : figure(smoothness, "meltOf", { asked: of.asked });
  },
};
