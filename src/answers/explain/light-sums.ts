import { lostLight, meshFound } from "@/core/judge";
import { bellowsLoss } from "@/core/optics";
import { NIGHT_LUX } from "@/core/scene";
import { figure, given, type Figure } from "./figure";
import { once, type Pictured } from "./pictured";
import { heightAngleOf, magnificationOf } from "./place-sums";

// The light on it, and what of it never reaches the sensor.

const litFrom = (of: Pictured): Figure["of"] => ({ asked: of.asked, heightAngle: heightAngleOf(of) });

/** Lux of one origin, after readings. */
export const luxFrom =
  (origin: "sun" | "sky" | "ground" | "moon" | "lamps") =>
  (of: Pictured): Figure =>
    figure(of.found.light.lux[origin], `findLight.${origin}`, litFrom(of));

/** Degrees of the strongest light from behind the camera. */
export const turnOf = (of: Pictured): Figure => figure(of.found.light.turn, "findLight.turn", litFrom(of));

export const luxOf = once((of: Pictured): Figure =>
  figure(of.found.light.lux.total, "totalLux", {
    sun: luxFrom("sun")(of),
    sky: luxFrom("sky")(of),
    ground: luxFrom("ground")(of),
    moon: luxFrom("moon")(of),
    lamps: luxFrom("lamps")(of),
    night: given(NIGHT_LUX, "lx", "assumed"),
  }),
);

export const evOf = once((of: Pictured): Figure =>
  figure(of.found.light.ev, "evFromLux", { lux: luxOf(of) }),
);

/** While a cloud passes; none under a steady sky. */
export const evInCloudOf = (of: Pictured): Figure | undefined => {
  const { evInCloud } = of.found.light;
  return evInCloud === undefined ? undefined : figure(evInCloud, "findLight.evInCloud", litFrom(of));
};

export const closeUpLossOf = (of: Pictured): Figure =>
  figure(bellowsLoss(of.found.sighting.frame.magnification), "bellowsLoss", {
    magnification: magnificationOf(of),
  });

const lostThrough = ({ input, found }: Pictured) => lostLight(input, found.sighting.frame.magnification);

export const nettingLossOf = (of: Pictured): Figure =>
  figure(lostThrough(of).netting, "nettingStops", { asked: of.asked });

/** A number of the netting that is looked through; nothing where there is none, or it has none such. */
const ofMesh =
  (field: "away" | "localLoss" | "veil" | "goneWithin" | "goneUpTo") =>
  ({ input, found, asked }: Pictured): Figure | undefined => {
    const value = meshFound(input, found)?.[field];
    return typeof value === "number" ? figure(value, `meshFound.${field}`, { asked }) : undefined;
  };

export const meshAwayOf = ofMesh("away");
export const meshLossOf = ofMesh("localLoss");
export const meshVeilOf = ofMesh("veil");
export const meshGoneWithinOf = ofMesh("goneWithin");
export const meshGoneUpToOf = ofMesh("goneUpTo");

export const glassLossOf = (of: Pictured): Figure =>
  figure(lostThrough(of).glass, "paneLoss", { asked: of.asked });

export const lostOf = (of: Pictured): Figure =>
  figure(of.found.settings.lostStops, "lostStops", {
    closeUp: closeUpLossOf(of),
    netting: nettingLossOf(of),
    glass: glassLossOf(of),
  });
