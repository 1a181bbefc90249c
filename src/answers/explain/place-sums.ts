import { lostLight, sightOf } from "@/core/judge";
import { bellowsLoss, heldSidesMm } from "@/core/optics";
import { NIGHT_LUX } from "@/core/scene";
import { figure, given, type Figure } from "./figure";
import { once, type Pictured } from "./pictured";

// Where it stands, and what the lens makes of it.

const endsOf = ({ input, asked }: Pictured): Figure["of"] => {
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
  figure(of.found.sighting.distance.value, "distance", endsOf(of)),
);

export const heightAngleOf = (of: Pictured): Figure =>
  figure(of.found.sighting.heightAngle, "heightAngle", endsOf(of));

export const faceTurnOf = once(({ found, asked }: Pictured): Figure =>
  figure(found.sighting.faceTurn, "faceTurnOf", { asked }),
);

const partSizeOf = once((of: Pictured): Figure =>
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
  return figure(found.sighting.fill.value, "fillOf", {
    magnification: magnificationOf(of),
    partSize: partSizeOf(of),
    sideMm: given(input.shot.along === "width" ? across : up, "mm", "kit"),
  });
});

// The light on it.

const luxOf = once((of: Pictured): Figure => {
  const { asked, found } = of;
  const { lux } = found.light;
  const lit = { asked, heightAngle: heightAngleOf(of) };
  return figure(lux.total, "totalLux", {
    sun: figure(lux.sun, "findLight.sun", lit),
    sky: figure(lux.sky, "findLight.sky", lit),
    ground: figure(lux.ground, "findLight.ground", lit),
    moon: figure(lux.moon, "findLight.moon", lit),
    lamps: figure(lux.lamps, "findLight.lamps", lit),
    night: given(NIGHT_LUX, "lx", "assumed"),
  });
});

export const evOf = once((of: Pictured): Figure =>
  figure(of.found.light.ev.value, "evFromLux", { lux: luxOf(of) }),
);

export const lostOf = (of: Pictured): Figure => {
  const { input, found, asked } = of;
  const { magnification } = found.sighting.frame;
  const { netting, glass } = lostLight(input, magnification);
  return figure(found.settings.lostStops, "lostStops", {
    closeUp: figure(bellowsLoss(magnification), "bellowsLoss", { magnification: magnificationOf(of) }),
    netting: figure(netting, "nettingStops", { asked }),
    glass: figure(glass, "paneLoss", { asked }),
  });
};
