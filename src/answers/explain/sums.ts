import { blurModelOf, keptCircleMm, settingsAsked } from "@/core/judge";
import {
  apertureFNumber,
  apertureNearest,
  apertureNoWider,
  isoFollowing,
  isoSpeed,
  lightClicks,
  shutterNoSlower,
  shutterSeconds,
} from "@/core/exposure";
import { blurDiscUm, imageDistanceMm, inDelivered, pixelPitchUm, stabiliserStopsOf } from "@/core/optics";
import { focusDrift, focusedAt, imageSpeedUm, movingUmPerSecond, stillLengthUm } from "@/core/motion";
import { figure, given, type Figure } from "./figure";
import { once, type Pictured } from "./pictured";
import { evOf, lostOf } from "./light-sums";
import { distanceOf, faceTurnOf, focalLengthOf, keptOf, keptPxOf, magnificationOf } from "./place-sums";

// What softens it.

const imageDistanceOf = once((of: Pictured): Figure =>
  figure(
    imageDistanceMm(of.found.sighting.frame.focalLengthMm, of.found.sighting.distance),
    "imageDistanceMm",
    { focalLengthMm: focalLengthOf(of), distance: distanceOf(of) },
  ),
);

export const umPerMetreOf = once((of: Pictured): Figure =>
  figure(of.found.motion.body.umPerMetre, "umPerMetreAt", {
    imageDistanceMm: imageDistanceOf(of),
    distance: distanceOf(of),
  }),
);

const pixelOf = once(({ input: { rig } }: Pictured): Figure =>
  figure(pixelPitchUm(rig.body.format), "pixelPitchUm", {
    widthMm: given(rig.body.format.widthMm, "mm", "kit"),
    widthPx: given(rig.body.format.widthPx, "px", "kit"),
  }),
);

const circleOf = once((of: Pictured): Figure =>
  figure(keptCircleMm(of.input, of.found.sighting.frame.kept), "keptCircleMm", {
    asked: of.asked,
    kept: keptOf(of),
  }),
);

const deliveredPixelOf = once((of: Pictured): Figure =>
  figure(of.found.motion.deliveredPixelUm, "deliveredPixelUm", {
    pixelUm: pixelOf(of),
    keptLongEdgePx: keptPxOf(of),
    deliveredLongEdgePx: given(of.input.shot.deliveredLongEdgePx, "px", "shot"),
  }),
);

/** A length on the sensor in pixels of the delivered picture. */
export const delivered = (lengthUm: Figure, of: Pictured): Figure =>
  figure(inDelivered(lengthUm.value, of.found.motion.deliveredPixelUm), "inDelivered", {
    lengthUm,
    pixelUm: deliveredPixelOf(of),
  });

export const toleranceOf = once((of: Pictured): Figure => {
  const { found, asked } = of;
  return figure(found.motion.held.toleranceUm, "toleranceUm", {
    asked,
    circle: circleOf(of),
    pixel: pixelOf(of),
    deliveredPixel: deliveredPixelOf(of),
    umPerMetre: umPerMetreOf(of),
  });
});

const imagedOf = (of: Pictured): Figure["of"] => ({ asked: of.asked, imageDistanceMm: imageDistanceOf(of) });

/** m/s by which the subject comes nearer, or goes. */
export const approachOf = (of: Pictured): Figure =>
  figure(Math.abs(of.found.motion.body.radialSpeed), "bodyMotion.radialSpeed", imagedOf(of));

/** m/s of the part that must hold, across the view after following. */
export const heldSpeedOf = once((of: Pictured): Figure =>
  figure(of.found.motion.held.speed, "partSpeed", imagedOf(of)),
);

/** µm a second of its picture over the sensor. */
export const imageSpeedOf = (of: Pictured): Figure => {
  const { held, body } = of.found.motion;
  return figure(imageSpeedUm(held.speed, body.umPerMetre), "imageSpeedUm", {
    speed: heldSpeedOf(of),
    umPerMetre: umPerMetreOf(of),
  });
};

/** What blurs the part that must hold: its motion and the hand's shake in µm a second, the disc of the focus in µm, aperture and pixel. */
function causesOf(of: Pictured) {
  const { input, found, asked } = of;
  const model = blurModelOf(input, found);
  const { aperture } = found.settings.settings;
  const blur = model.softens(aperture);
  const { focalLengthMm } = found.sighting.frame;
  const away = found.sighting.distance;
  const distance = distanceOf(of);
  const drift = focusDrift(approachOf(of).value, "predictive");
  const point = focusedAt(away, drift);
  const disc = { focalLengthMm, fNumber: apertureFNumber(aperture), subjectDistance: away, point };
  return {
    motion: imageSpeedOf(of),
    shake: figure(blur.shakeUmPerSecond, "shakeUmPerSecond", {
      focalLengthMm: focalLengthOf(of),
      stabiliserStops: figure(stabiliserStopsOf(input.rig), "stabiliserStopsOf", { asked }),
      supportStops: given(input.rig.support.stops, "stops", "kit"),
    }),
    defocus: figure(blurDiscUm(disc), "blurDiscUm", {
      focalLengthMm: focalLengthOf(of),
      fNumber: apertureOf(of),
      distance,
      point: figure(point, "focusedAt", {
        distance,
        drift: figure(drift, "focusDrift", { approach: approachOf(of) }),
      }),
    }),
    workingFNumber: figure(blur.workingFNumber, "workingFNumber", {
      fNumber: apertureOf(of),
      magnification: magnificationOf(of),
    }),
    pixel: pixelOf(of),
  };
}

/** What softens it as two lengths: what moves, in µm a second, and what does not, in µm. */
export function softening(of: Pictured): { readonly moving: Figure; readonly still: Figure } {
  const { input, found } = of;
  const { motion, shake, defocus, workingFNumber, pixel } = causesOf(of);
  const blur = blurModelOf(input, found).softens(found.settings.settings.aperture);
  return {
    moving: figure(movingUmPerSecond(blur), "movingUmPerSecond", {
      motion,
      // Along a pan the hand's unsteadiness is that of the turn.
      shakeAlong:
        blur.shakeAlongUmPerSecond === undefined ? shake : given(blur.shakeAlongUmPerSecond, "µm/s", "shot"),
      shake,
    }),
    still: figure(stillLengthUm(blur), "stillLengthUm", { defocus, workingFNumber, pixel }),
  };
}

/** Whether what moves alone is held to the tolerance: where that is wished, and where no shutter mends what does not move. */
const byMotion = ({ input, found }: Pictured): boolean =>
  input.shot.tolerance === "pixel-sharp" ||
  blurModelOf(input, found).unmended(found.settings.settings.aperture) !== undefined;

/** What of the softening is held to the tolerance: what does not move is left out where what moves alone is. */
function heldToTolerance(of: Pictured): Figure["of"] {
  const { moving, still } = softening(of);
  return { moving, still: byMotion(of) ? given(0, "µm", "assumed") : still };
}

/** The blur that is held against the tolerance. */
export const blurOf = (of: Pictured): Figure => {
  return figure(of.found.motion.held.blurUm, "blurLengthUm", {
    ...heldToTolerance(of),
    exposure: shutterOf(of),
  });
};

/** Metres by which a pan draws what stands behind into lines. */
export const streakOf = (of: Pictured): Figure | undefined => {
  const { pan, body } = of.found.motion;
  return (
    pan &&
    figure(pan.streak, "streakLength", {
      transverseSpeed: figure(body.transverseSpeed, "bodyMotion.transverseSpeed", imagedOf(of)),
      exposure: shutterOf(of),
    })
  );
};

export const blurPxOf = (of: Pictured): Figure => delivered(blurOf(of), of);

export const tolerancePxOf = (of: Pictured): Figure => delivered(toleranceOf(of), of);

/** What the chance of a keeper is worked out from. */
export const keptBy = (of: Pictured): Figure["of"] => {
  const streak = streakOf(of);
  const { pan } = of.found.motion;
  return {
    asked: of.asked,
    ...causesOf(of),
    tolerance: toleranceOf(of),
    exposure: shutterOf(of),
    ...(streak && pan
      ? { streak: figure(pan.streakUm, "imageSpeedUm", { speed: streak, umPerMetre: umPerMetreOf(of) }) }
      : {}),
  };
};

export const chanceOf = (of: Pictured): Figure =>
  figure(of.found.motion.held.chance, "keeperChance.chance", keptBy(of));

// The three settings: a rail that is held is the shot's own; one that stands at its limit follows from it; else all three are solved together.

const heldRail = ({ input }: Pictured, rail: "shutter" | "aperture" | "iso", clicks: number) =>
  input.locked?.[rail] === clicks ? given(clicks, "clicks", "shot") : undefined;

const solvedOf = (of: Pictured): Figure["of"] => ({ asked: of.asked, light: evOf(of) });

export const shutterOf = once((of: Pictured): Figure => {
  const { shutter } = of.found.settings.settings;
  const slowest = byMotion(of) ? undefined : slowestOf(of);
  return figure(shutterSeconds(shutter), "shutterSeconds", {
    clicks:
      heldRail(of, "shutter", shutter) ??
      (slowest && shutterNoSlower(slowest.value) === shutter
        ? figure(shutter, "shutterNoSlower", { exposure: slowest })
        : figure(shutter, "solveSettings.shutter", solvedOf(of))),
  });
});

export function depthFNumberOf(of: Pictured): Figure {
  return figure(of.found.settings.depth.fNumber, "depthAsked", {
    asked: of.asked,
    distance: distanceOf(of),
    focalLengthMm: focalLengthOf(of),
    kept: keptOf(of),
    faceTurn: faceTurnOf(of),
  });
}

export const apertureOf = once((of: Pictured): Figure => {
  const { input, found } = of;
  const { aperture } = found.settings.settings;
  const { fNumber } = found.settings.depth;
  const { widest } = input.rig.lens;
  const clicks = (): Figure => {
    if (fNumber > 0 && apertureNoWider(fNumber) === aperture)
      return figure(aperture, "apertureNoWider", { fNumber: depthFNumberOf(of) });
    if (apertureNearest(widest) === aperture)
      return figure(aperture, "apertureNearest", { fNumber: given(widest, "f-number", "kit") });
    return figure(aperture, "solveSettings.aperture", solvedOf(of));
  };
  return figure(apertureFNumber(aperture), "apertureFNumber", {
    clicks: heldRail(of, "aperture", aperture) ?? clicks(),
  });
});

export const isoOf = once((of: Pictured): Figure => {
  const { input, found } = of;
  const { settings, follows, taken, filterStops, lostStops } = found.settings;
  const lightEv = found.light.ev;
  const light = lightClicks({ lightEv, lost: { "close-up": lostStops, netting: 0, glass: 0 } });
  const follow =
    follows === "iso" &&
    taken.length === 0 &&
    filterStops === 0 &&
    input.shot.exposeFor !== "sky" &&
    isoFollowing(settings, light) === settings.iso;
  return figure(isoSpeed(settings.iso), "isoSpeed", {
    clicks:
      heldRail(of, "iso", settings.iso) ??
      (follow
        ? figure(settings.iso, "isoFollowing", {
            shutter: shutterOf(of).of.clicks!,
            aperture: apertureOf(of).of.clicks!,
            light: figure(light, "lightClicks", { lightEv: evOf(of), lost: lostOf(of) }),
          })
        : figure(settings.iso, "solveSettings.iso", solvedOf(of))),
  });
});

/** Slowest exposure that holds the part at the aperture found; none where none does, or any. */
export const slowestOf = (of: Pictured): Figure | undefined => {
  const { input, found } = of;
  const slowest = blurModelOf(input, found).slowestExposure(found.settings.settings.aperture);
  if (typeof slowest !== "number") return undefined;
  return figure(slowest, "slowestExposure", { tolerance: toleranceOf(of), ...heldToTolerance(of) });
};

/** Exposure at which a pan draws the lines that are wished; none for a shot that draws none. */
export const streakExposureOf = ({ input, found, asked }: Pictured): Figure | undefined => {
  const { streakExposure } = blurModelOf(input, found);
  return streakExposure === undefined ? undefined : figure(streakExposure, "streakExposure", { asked });
};

/** An end of the aperture, by the clicks that the solver is given. */
export const apertureEndOf =
  (end: "lensWidest" | "diffractionAperture") =>
  ({ input, found, asked }: Pictured): Figure => {
    const clicks = settingsAsked(input, found.light.ev)[end];
    return figure(apertureFNumber(clicks), "apertureFNumber", {
      clicks: figure(clicks, `settingsAsked.${end}`, { asked }),
    });
  };

/** EV of the light that is exposed for. */
export const exposedEvOf = (of: Pictured): Figure =>
  figure(settingsAsked(of.input, of.found.light.ev).lightEv, "settingsAsked.lightEv", solvedOf(of));

/** Clicks that the solver leaves: short at the ceiling, missing after all that is given up, or too bright. */
export const leftOf =
  (which: "short" | "missing" | "over") =>
  (of: Pictured): Figure =>
    figure(of.found.settings[which], `solveSettings.${which}`, solvedOf(of));

export const filterOf = (of: Pictured): Figure =>
  figure(of.found.settings.filterStops, "solveSettings.filterStops", solvedOf(of));

// What is sharp, and what stands behind.

/** What a depth of field is worked out from, for what counts as sharp, and with the hyperfocal distance that follows. */
export const depthFrom = (of: Pictured, circleMm: Figure, hyperfocal: number): Figure["of"] => {
  const common = { focalLengthMm: focalLengthOf(of), fNumber: apertureOf(of), circleMm };
  return { ...common, distance: distanceOf(of), hyperfocal: figure(hyperfocal, "hyperfocal", common) };
};

const depthOf = (of: Pictured): Figure["of"] =>
  depthFrom(of, circleOf(of), of.found.sighting.depth.hyperfocal);

export const nearOf = (of: Pictured): Figure =>
  figure(of.found.sighting.depth.near, "depthOfField.near", depthOf(of));

export const farOf = (of: Pictured): Figure | undefined => {
  const { far } = of.found.sighting.depth;
  return far === "unbounded" ? undefined : figure(far, "depthOfField.far", depthOf(of));
};

/** Metres from front to back that are sharp; none where it is sharp without end. */
export const sharpOf = (of: Pictured): Figure | undefined => {
  const { sharp } = of.found.settings.depth;
  const far = farOf(of);
  return sharp === "unbounded" || !far ? undefined : figure(sharp, "sharpBetween", { near: nearOf(of), far });
};

export const softnessOf = (of: Pictured): Figure | undefined => {
  const { smoothness } = of.found.sighting.background;
  if (smoothness === "plain") return undefined;
  return figure(smoothness, "meltOf", {
    asked: of.asked,
    focalLengthMm: focalLengthOf(of),
    fNumber: apertureOf(of),
    distance: distanceOf(of),
    streak: streakOf(of) ?? given(0, "m", "shot"),
  });
};
