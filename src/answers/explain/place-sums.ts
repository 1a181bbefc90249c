import { sightOf } from "@/core/judge";
import { heldSidesMm } from "@/core/optics";
import { figure, given, type Figure } from "./figure";
import { once, type Pictured } from "./pictured";

// Where it stands, and what the lens makes of it.

const endsOf = ({ input, asked }: Pictured) => {
  const { lens, aim } = sightOf(input);
  return {
    aimEast: figure(aim.x, "aimOf.x", { asked }),
    lensEast: figure(lens.x, "lensOf.x", { asked }),
    aimNorth: figure(aim.y, "aimOf.y", { asked }),
    lensNorth: figure(lens.y, "lensOf.y", { asked }),
    aimHeight: figure(aim.z, "aimOf.z", { asked }),
    lensHeight: figure(lens.z, "lensOf.z", { asked }),
  };
};

export const distanceOf = once((of: Pictured): Figure =>
  figure(of.found.sighting.distance, "distance", endsOf(of)),
);

export const heightAngleOf = (of: Pictured): Figure =>
  figure(of.found.sighting.heightAngle, "heightAngle", endsOf(of));

export const bearingOf = (of: Pictured): Figure => {
  const { aimEast, lensEast, aimNorth, lensNorth } = endsOf(of);
  return figure(of.found.sighting.bearing, "bearingTo", { aimEast, lensEast, aimNorth, lensNorth });
};

export const faceTurnOf = once(({ found, asked }: Pictured): Figure =>
  figure(found.sighting.faceTurn, "faceTurnOf", { asked }),
);

export const partSizeOf = once((of: Pictured): Figure =>
  figure(of.found.sighting.partSize, "partSizeOf", { asked: of.asked, faceTurn: faceTurnOf(of) }),
);

export const framedOf = (of: Pictured): Figure["of"] => ({
  asked: of.asked,
  partSize: partSizeOf(of),
  distance: distanceOf(of),
});

export const focalLengthOf = once((of: Pictured): Figure =>
  figure(of.found.sighting.frame.focalLengthMm, "frameSubject.focalLengthMm", framedOf(of)),
);

/** Pixels along the long edge that the crop keeps. */
export const keptPxOf = once((of: Pictured): Figure =>
  figure(of.found.sighting.frame.keptLongEdgePx, "frameSubject.keptLongEdgePx", framedOf(of)),
);

/** Metres at the subject that the frame is wide or tall. */
export const frameSideOf =
  (side: "frameAcross" | "frameUp") =>
  (of: Pictured): Figure =>
    figure(of.found.sighting.frame[side], `frameSubject.${side}`, framedOf(of));

export const keptOf = once((of: Pictured): Figure =>
  figure(of.found.sighting.frame.kept, "frameSubject.kept", framedOf(of)),
);

export const magnificationOf = once((of: Pictured): Figure =>
  figure(of.found.sighting.frame.magnification, "magnification", {
    focalLengthMm: focalLengthOf(of),
    distance: distanceOf(of),
  }),
);

export const fillOf = once((of: Pictured): Figure => {
  const { input, found } = of;
  const { across, up } = heldSidesMm(input.rig.body.format, input.shot.orientation);
  return figure(found.sighting.fill, "fillOf", {
    magnification: magnificationOf(of),
    partSize: partSizeOf(of),
    sideMm: given(input.shot.along === "width" ? across : up, "mm", "kit"),
  });
});

/** Metres from the subject to what stands behind it, at the middle of the frame. */
export const beyondOf = ({ found, asked }: Pictured): Figure =>
  figure(found.sighting.background.beyond, "backgroundBehind.beyond", { asked });

/** Metres to what is dangerous where one stands; none where nothing is. */
export const perilOf = ({ found, asked }: Pictured): Figure | undefined => {
  const told = found.judgement.find((j) => j.code === "keep-off" || j.code === "with-care");
  return told && figure(told.numbers.away, "mayStand.away", { asked });
};
