import { formula } from "../units/formula";
import { apertureValue, evOfSettings, speedValue, timeValue } from "./apex";
import { isoFollowing, lightClicks, lostStops } from "./ledger";
import {
  apertureFNumber,
  apertureNearest,
  apertureNoWider,
  isoSpeed,
  shutterNoSlower,
  shutterSeconds,
} from "./marks";
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
  shutterNoSlower: formula(
    "clicks",
    { exposure: ["s", 1 / 30000, 30] },
    "ceil(-3 * log2(exposure) - 3e-9)",
    ({ exposure }) => shutterNoSlower(exposure),
    "exif-2-32",
  ),
  apertureNoWider: formula(
    "clicks",
    { fNumber: ["f-number", 1, 60] },
    "ceil(6 * log2(fNumber) - 6e-9)",
    ({ fNumber }) => apertureNoWider(fNumber),
    "exif-2-32",
  ),
  apertureNearest: formula(
    "clicks",
    { fNumber: ["f-number", 1, 60] },
    "round(6 * log2(fNumber))",
    ({ fNumber }) => apertureNearest(fNumber),
    "exif-2-32",
  ),
  lostStops: formula(
    "stops",
    { closeUp: ["stops", 0, 4], netting: ["stops", 0, 2], glass: ["stops", 0, 3] },
    "closeUp + netting + glass",
    ({ closeUp, netting, glass }) => lostStops({ "close-up": closeUp, netting, glass }),
    "handbook-optics",
  ),
  lightClicks: formula(
    "clicks",
    { lightEv: ["EV", -9, 17.1], lost: ["stops", 0, 5.3] },
    "round(3 * (lightEv - lost))",
    ({ lightEv, lost }) => lightClicks({ lightEv, lost: { "close-up": lost, netting: 0, glass: 0 } }),
    "exif-2-32",
  ),
  isoFollowing: formula(
    "clicks",
    { shutter: CLICKS, aperture: CLICKS, light: ["clicks", -27, 54, "whole"] },
    "shutter + aperture - light",
    ({ shutter, aperture, light }) => isoFollowing({ shutter, aperture }, light),
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
