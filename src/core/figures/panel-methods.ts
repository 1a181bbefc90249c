import { onHalfStops, stopsOfAdvice } from "../exposure";
import { wayOnFoot, type Ground, type Point } from "../ground";
import {
  aperturePriority,
  assess,
  betweenZones,
  groupSharp,
  meshFound,
  modeFor,
  panLeft,
  shadowEdge,
  streakExposure,
  sweepOf,
  tonesFound,
  zonesLight,
  type AssessInput,
  type Assessment,
  type ModeFoundInput,
} from "../judge";
import { roomAhead, type PictureAsked } from "../picture";
import { method } from "../units/formula";
import { totalGrams, type Weighed } from "../schedule";

// Functions of single panels, each asked as a whole; a number that is not there is not a number.

interface Asked {
  readonly asked: AssessInput;
}

/** A number of the picture that was asked for. */
const ofFound =
  <A extends AssessInput>(read: (found: Assessment, input: A) => number | undefined) =>
  ({ asked }: { readonly asked: A }): number => {
    const found = assess(asked);
    return (found.ok ? read(found, asked) : undefined) ?? NaN;
  };

const swept = ({ asked }: Asked) => sweepOf(asked);

const leftOf = (found: Assessment, input: AssessInput) => {
  const sweep = sweepOf(input);
  return sweep && panLeft(input, found, sweep);
};

/** One of the three ways between whites and faces, 0 … 2. */
type Toned = AssessInput & { readonly choice: number };

const tones = (found: Assessment, input: Toned) => tonesFound(input, found)?.choices[input.choice];

interface Stepped extends Asked {
  /** Metres from one to the next. */
  readonly spacing: number;
}

interface Walked {
  readonly ground: Ground;
  /** Places on the ground, metres. */
  readonly from: Point;
  /** Metres. */
  readonly to: Point;
}

export const PANEL_METHODS = {
  "sweepOf.swing": method<Asked>("°", (of) => swept(of)?.swing ?? NaN, "common-practice"),
  "sweepOf.rate": method<Asked>("°/s", (of) => swept(of)?.rate ?? NaN, "handbook-optics"),
  "sweepOf.along": method<Asked>("m", (of) => Math.abs(swept(of)?.picture.along ?? NaN), "common-practice"),
  "panLeft.stillUm": method<Asked>(
    "µm",
    ofFound((found, input) => leftOf(found, input)?.stillUm),
    "variance-rule",
  ),
  "panLeft.worstUm": method<Asked>(
    "µm",
    ofFound((found, input) => leftOf(found, input)?.worstUm),
    "variance-rule",
  ),
  "panLeft.atNearest": method<Asked>(
    "",
    ofFound((found, input) => leftOf(found, input)?.atNearest.keeperChance),
    "variance-rule",
  ),
  "streakExposure.share": method<Asked & { readonly share: number }>(
    "s",
    ({ asked, share }) =>
      ofFound((found, input) => {
        const sweep = sweepOf(input);
        return sweep && streakExposure(input, found, sweep, share);
      })({ asked }),
    "handbook-optics",
  ),
  "zonesLight.clicks": method<{ readonly asked: AssessInput & { readonly zoneId: string } }>(
    "clicks",
    ofFound((found, input) => zonesLight(input, found).find((z) => z.id === input.zoneId)?.clicks),
    "ies-daylight",
  ),
  "shadowEdge.clicks": method<Asked>(
    "clicks",
    ofFound((found) => shadowEdge(found)?.clicks),
    "ies-daylight",
  ),
  "tonesFound.whitesLost": method<{ readonly asked: Toned }>(
    "stops",
    ofFound((found, input) => tones(found, input)?.whitesLost),
    "common-practice",
  ),
  "tonesFound.facesLost": method<{ readonly asked: Toned }>(
    "stops",
    ofFound((found, input) => tones(found, input)?.facesLost),
    "common-practice",
  ),
  "aperturePriority.shortBelowEv": method<Asked>(
    "EV",
    ofFound((found) => aperturePriority(found).shortBelowEv),
    "exif-2-32",
  ),
  "onHalfStops.brighter": method<{
    /** Clicks. */
    readonly shutter: number;
    /** Clicks. */
    readonly aperture: number;
    /** Clicks. */
    readonly iso: number;
  }>("stops", (settings) => onHalfStops(settings).brighter, "exif-2-32"),
  "modeFor.stops": method<{ readonly asked: ModeFoundInput }>(
    "stops",
    ({ asked }) => stopsOfAdvice(modeFor(asked)) ?? 0,
    "common-practice",
  ),
  "meshFound.away": method<Asked>(
    "m",
    ofFound((found, input) => meshFound(input, found)?.away),
    "handbook-optics",
  ),
  "meshFound.localLoss": method<Asked>(
    "",
    ofFound((found, input) => meshFound(input, found)?.localLoss),
    "handbook-optics",
  ),
  "meshFound.veil": method<Asked>(
    "",
    ofFound((found, input) => Number(meshFound(input, found)?.veil)),
    "handbook-optics",
  ),
  "meshFound.goneWithin": method<Asked>(
    "m",
    ofFound((found, input) => meshFound(input, found)?.goneWithin),
    "handbook-optics",
  ),
  "meshFound.goneUpTo": method<Asked>(
    "f-number",
    ofFound((found, input) => meshFound(input, found)?.goneUpTo),
    "handbook-optics",
  ),
  "betweenZones.off": method<Asked>(
    "clicks",
    ofFound((found, input) => betweenZones(found, zonesLight(input, found))?.off),
    "common-practice",
  ),
  roomAhead: method<{ readonly asked: PictureAsked }>("", ({ asked }) => roomAhead(asked), "handbook-optics"),
  "groupSharp.before": method<Stepped>(
    "",
    ({ asked, spacing }) => ofFound((found) => groupSharp(found, spacing).before)({ asked }),
    "handbook-optics",
  ),
  "wayOnFoot.metres": method<{ readonly asked: Walked }>(
    "m",
    ({ asked: { ground, from, to } }) => {
      const way = wayOnFoot(ground, from, to);
      return way.ok ? way.value.metres : NaN;
    },
    "common-practice",
  ),
  totalGrams: method<{ readonly asked: readonly Weighed[] }>(
    "g",
    ({ asked }) => totalGrams(asked),
    "common-practice",
  ),
} as const;
