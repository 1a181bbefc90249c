import {
  assess,
  blurModelOf,
  keptCircleMm,
  settingsAsked,
  sightOf,
  type AssessInput,
  type Assessment,
} from "../judge";
import { stabiliserStopsOf } from "../optics";
import { solveSettings } from "../exposure";
import { method } from "../units/formula";

/** The picture that an input gives; asked only of one that gave a picture. */
function pictureOfInput(input: AssessInput): Assessment {
  const found = assess(input);
  if (!found.ok) throw new Error(`this input gives no picture: ${found.reason}; ask one that does`);
  return found;
}

interface Asked {
  readonly asked: AssessInput;
}

const solved = ({ asked }: Asked) => solveSettings(settingsAsked(asked, pictureOfInput(asked)));

/**
 * What the judge works out from a whole question, where no line of arithmetic tells it. Most ask the whole question anew and read
 * their field: that the figure comes out again says it is the same question, not that a second way agrees.
 */
export const JUDGE_METHODS = {
  "bodyMotion.radialSpeed": method<Asked>(
    "m/s",
    ({ asked }) => Math.abs(pictureOfInput(asked).motion.body.radialSpeed),
    "common-practice",
  ),
  "aimOf.x": method<Asked>("m", ({ asked }) => sightOf(asked).aim.x, "common-practice"),
  "aimOf.y": method<Asked>("m", ({ asked }) => sightOf(asked).aim.y, "common-practice"),
  "aimOf.z": method<Asked>("m", ({ asked }) => sightOf(asked).aim.z, "common-practice"),
  "lensOf.x": method<Asked>("m", ({ asked }) => sightOf(asked).lens.x, "common-practice"),
  "lensOf.y": method<Asked>("m", ({ asked }) => sightOf(asked).lens.y, "common-practice"),
  "lensOf.z": method<Asked>("m", ({ asked }) => sightOf(asked).lens.z, "common-practice"),
  stabiliserStopsOf: method<Asked>("stops", ({ asked }) => stabiliserStopsOf(asked.rig), "cipa-dc-011"),
  keptCircleMm: method<Asked>(
    "mm",
    ({ asked }) => keptCircleMm(asked, pictureOfInput(asked).sighting.frame.kept),
    "handbook-optics",
  ),
  lostStops: method<Asked>(
    "stops",
    ({ asked }) => pictureOfInput(asked).settings.lostStops,
    "handbook-optics",
  ),
  meltOf: method<Asked>(
    "",
    ({ asked }) => {
      const { smoothness } = pictureOfInput(asked).sighting.background;
      return smoothness === "plain" ? Infinity : smoothness;
    },
    "handbook-optics",
  ),
  "solveSettings.shutter": method<Asked>("clicks", (of) => solved(of).settings.shutter, "exif-2-32"),
  "solveSettings.aperture": method<Asked>("clicks", (of) => solved(of).settings.aperture, "exif-2-32"),
  "solveSettings.iso": method<Asked>("clicks", (of) => solved(of).settings.iso, "exif-2-32"),
  "frameSubject.focalLengthMm": method<Asked>(
    "mm",
    ({ asked }) => pictureOfInput(asked).sighting.frame.focalLengthMm,
    "handbook-optics",
  ),
  partSizeOf: method<Asked>("m", ({ asked }) => pictureOfInput(asked).sighting.partSize, "common-practice"),
  findLight: method<Asked>("lx", ({ asked }) => pictureOfInput(asked).light.lux.total, "ies-daylight"),
  "findLight.sun": method<Asked>("lx", ({ asked }) => pictureOfInput(asked).light.lux.sun, "ies-daylight"),
  "findLight.sky": method<Asked>("lx", ({ asked }) => pictureOfInput(asked).light.lux.sky, "ies-daylight"),
  "findLight.ground": method<Asked>(
    "lx",
    ({ asked }) => pictureOfInput(asked).light.lux.ground,
    "ies-daylight",
  ),
  "findLight.moon": method<Asked>("lx", ({ asked }) => pictureOfInput(asked).light.lux.moon, "usno-171"),
  "findLight.lamps": method<Asked>("lx", ({ asked }) => pictureOfInput(asked).light.lux.lamps, "en-12193"),
  depthAsked: method<Asked>(
    "f-number",
    ({ asked }) => pictureOfInput(asked).settings.depth.fNumber,
    "handbook-optics",
  ),
  toleranceUm: method<Asked>(
    "µm",
    ({ asked }) => blurModelOf(asked, pictureOfInput(asked)).toleranceUm,
    "common-practice",
  ),
  "bodyMotion.speed": method<Asked>(
    "m/s",
    ({ asked }) => blurModelOf(asked, pictureOfInput(asked)).heldSpeed,
    "common-practice",
  ),
  keeperChance: method<Asked>("", ({ asked }) => pictureOfInput(asked).motion.held.chance, "variance-rule"),
} as const;
