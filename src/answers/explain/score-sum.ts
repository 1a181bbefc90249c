import { busiestOf, EVEN_SHARE, sunToFrame, type ScoreCode } from "@/core/judge";
import type { FunctionName } from "@/core/figures";
import { figure, given, type Figure, type Given } from "./figure";
import type { Pictured } from "./pictured";
import { turnOf } from "./light-sums";
import { distanceOf, faceTurnOf, fillOf, focalLengthOf, heightAngleOf } from "./place-sums";
import { apertureOf, blurOf, leftOf, softening, streakOf, toleranceOf, umPerMetreOf } from "./sums";

type Part = Figure | Given;

const oneIf = (is: boolean): number => (is ? 1 : 0);

const clear = (is: boolean, by: FunctionName, of: Figure["of"]): Figure["of"] => ({
  fault: figure(oneIf(is), by, of),
});

/** Share of the figure that stands behind something. */
export const hiddenOf = (of: Pictured): Figure =>
  figure(of.found.sighting.hidden.share, "figureHidden.share", { asked: of.asked });

/** How soft the busiest is of what stands behind and about; without end where all is plain. */
const softestFor = (of: Pictured): Figure =>
  figure(busiestOf(of.found.sighting)?.smoothness ?? Infinity, "busiestOf", {
    asked: of.asked,
    focalLengthMm: focalLengthOf(of),
    fNumber: apertureOf(of),
    distance: distanceOf(of),
    streak: streakOf(of) ?? given(0, "m", "shot"),
  });

/** The same; none where all is plain. */
export const busiestSum = (of: Pictured): Figure | undefined =>
  busiestOf(of.found.sighting) && softestFor(of);

/** What each part of a score rests on, as its function is given it. */
const PARTS: Readonly<Record<ScoreCode, (score: number, of: Pictured) => Part>> = {
  reach: (score, of) =>
    figure(score, "reachShare", {
      fill: fillOf(of),
      wished: given(of.input.shot.fill, "", "shot"),
      hidden: hiddenOf(of),
    }),
  "light-side": (score, of) => {
    const { light } = of.found;
    if (light.side === "even") return given(EVEN_SHARE, "", "assumed");
    return figure(score, "turnShare", {
      turn: turnOf(of),
      wished: given(of.input.lightTurn ?? 0, "°", "shot"),
    });
  },
  "light-enough": (score, of) => {
    return figure(score, "lightShare", {
      short: leftOf("short")(of),
      missing: leftOf("missing")(of),
      over: leftOf("over")(of),
    });
  },
  movement: (score, of) => {
    const { pan } = of.found.motion;
    if (!pan) return figure(score, "holdShare", { blur: blurOf(of), tolerance: toleranceOf(of) });
    return figure(score, "panKeeperChance", {
      asked: of.asked,
      tolerance: toleranceOf(of),
      still: softening(of).still,
      streak: figure(pan.streakUm, "imageSpeedUm", { speed: streakOf(of)!, umPerMetre: umPerMetreOf(of) }),
    });
  },
  background: (score, of) => figure(score, "smoothShare", { smoothness: softestFor(of) }),
  face: (score, of) =>
    figure(score, "faceShare", {
      turn: faceTurnOf(of),
      hidden: figure(oneIf(of.found.sighting.hidden.head), "figureHidden.head", { asked: of.asked }),
    }),
  "eye-level": (score, of) => figure(score, "levelShare", { heightAngle: heightAngleOf(of) }),
  glare: (score, of) => {
    const { inFrame } = sunToFrame(of.input, of.found.sighting);
    return figure(score, "clearShare", clear(inFrame, "sunToFrame.inFrame", { asked: of.asked }));
  },
  "own-shadow": (score, of) =>
    figure(
      score,
      "clearShare",
      clear(of.found.light.ownShadow, "findLight.ownShadow", {
        asked: of.asked,
        heightAngle: heightAngleOf(of),
      }),
    ),
  walk: (score, of) => figure(score, "walkShare", { walk: given(of.input.walk ?? 0, "m", "plan") }),
};

const CODES = Object.keys(PARTS) as readonly ScoreCode[];

/** The name of a part as its sum has it: "light-side" as "lightSide". */
const inputOf = (code: ScoreCode): string => code.replace(/-(.)/g, (_, sign: string) => sign.toUpperCase());

/** How good the place is, from the parts that it is judged by and what each of them weighs. */
export const scoreOf = (of: Pictured): Figure => {
  const { parts, value } = of.found.score;
  const entries = CODES.flatMap((code): (readonly [string, Part])[] => {
    const part = parts.find((p) => p.code === code);
    const weight = part?.weight ?? 0;
    return [
      [inputOf(code), part ? PARTS[code](part.score, of) : given(0, "", "shot")],
      [`${inputOf(code)}Weight`, given(weight, "", "assumed")],
    ];
  });
  return figure(value, "weighedMean", Object.fromEntries(entries));
};
