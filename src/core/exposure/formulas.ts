import { formula } from "../units/formula";
import { apertureValue, evOfSettings, speedValue, timeValue } from "./apex";
import { apertureFNumber, isoSpeed, shutterSeconds } from "./marks";
import { meterCompensation, neutralDensityStops, sceneContrast } from "./meter";

// What the functions of this folder work out, in the names of their inputs. A click is a third of a stop.

const CLICKS = ["clicks", -9, 48, "whole"] as const;

export const EXPOSURE_FORMULAS = {
  shutterSeconds: formula(
    "s",
    { clicks: CLICKS },
    "2^(-clicks / 3)",
    ({ clicks }) => shutterSeconds(clicks),
    "exif-2-32",
  ),
  apertureFNumber: formula(
    "f-number",
    { clicks: CLICKS },
    "2^(clicks / 6)",
    ({ clicks }) => apertureFNumber(clicks),
    "exif-2-32",
  ),
  isoSpeed: formula(
    "ISO",
    { clicks: CLICKS },
    "100 * 2^(clicks / 3)",
    ({ clicks }) => isoSpeed(clicks),
    "exif-2-32",
  ),
  apertureValue: formula(
    "stops",
    { fNumber: ["f-number", 0.7, 128] },
    "2 * log2(fNumber)",
    ({ fNumber }) => apertureValue(fNumber),
    "exif-2-32",
  ),
  timeValue: formula(
    "stops",
    { exposure: ["s", 1 / 32000, 60] },
    "-log2(exposure)",
    ({ exposure }) => timeValue(exposure),
    "exif-2-32",
  ),
  speedValue: formula(
    "stops",
    { iso: ["ISO", 25, 204800] },
    "log2(iso / 3.125)",
    ({ iso }) => speedValue(iso),
    "exif-2-32",
  ),
  evOfSettings: formula(
    "EV",
    { exposure: ["s", 1 / 32000, 60], fNumber: ["f-number", 0.7, 128], iso: ["ISO", 25, 204800] },
    "log2(fNumber^2 / exposure) - log2(iso / 100)",
    evOfSettings,
    "exif-2-32",
  ),
  meterCompensation: formula(
    "stops",
    { reflectance: ["", 0.02, 0.95] },
    "log2(reflectance / (pi * 12.5 / 250))",
    ({ reflectance }) => meterCompensation(reflectance),
    "iso-2720",
  ),
  sceneContrast: formula(
    "stops",
    { brightest: ["lx", 1, 130_000], darkest: ["lx", 1, 130_000] },
    "log2(brightest / darkest)",
    ({ brightest, darkest }) => sceneContrast(brightest, darkest),
    "iso-2720",
  ),
  neutralDensityStops: formula(
    "stops",
    {
      lightEv: ["EV", 0, 17],
      shutter: CLICKS,
      aperture: ["clicks", 0, 36, "whole"],
      isoClicks: ["clicks", -3, 18, "whole"],
    },
    "max(0, ceil(lightEv - (shutter + aperture - isoClicks) / 3 - 1e-9))",
    ({ lightEv, shutter, aperture, isoClicks }) =>
      neutralDensityStops({ lightEv, shutter, aperture, iso: isoSpeed(isoClicks) }),
    "exif-2-32",
  ),
} as const;
