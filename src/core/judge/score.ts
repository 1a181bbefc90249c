import type { Intent } from "../scene";
import type { AssessInput, Assessment, Score, ScoreCode, ScorePart, Weights } from "./assessment";
import type { Judgement } from "./judgements";
import { busiestOf } from "./judgement";
import {
  clearShare,
  EVEN_SHARE,
  faceShare,
  holdShare,
  levelShare,
  lightShare,
  reachShare,
  smoothShare,
  turnShare,
  walkShare,
  weighedMean,
} from "./score-shares";
import { sunToFrame } from "./sun-to-frame";

type Found = Pick<Assessment, "sighting" | "light" | "motion" | "settings">;

/** What counts how much when a picture is to stop something (assumed; practice gives the order, not the numbers). */
const FREEZE: Weights = {
  reach: 3,
  "light-side": 2,
  "light-enough": 3,
  movement: 3,
  background: 2,
  face: 3,
  "eye-level": 1,
  glare: 1,
  "own-shadow": 1,
  walk: 0.5,
};

/** What differs for the other intents: lines need no fast shutter, a place wants its background, a face counts most. */
const WEIGHTS: Readonly<Record<Intent, Weights>> = {
  freeze: FREEZE,
  pan: { ...FREEZE, "light-enough": 1, face: 1, background: 1 },
  streak: { ...FREEZE, "light-enough": 1, face: 0, background: 1 },
  still: { ...FREEZE, movement: 2, background: 3 },
  reaction: { ...FREEZE, face: 5, movement: 1 },
  context: { ...FREEZE, reach: 1, background: 0, face: 1, "light-side": 3 },
};

/** The weights that a shot of an intent is scored by, unless others are given. */
export const weightsFor = (intent: Intent): Weights => WEIGHTS[intent];

type Judged = readonly [score: number, numbers: Readonly<Record<string, number>>];

/** One part between 0 and 1, with the numbers it rests on. */
const PARTS: Readonly<Record<ScoreCode, (input: AssessInput, found: Found) => Judged>> = {
  reach: ({ shot }, { sighting: { frame, hidden } }) => [
    reachShare({ fill: frame.fill, wished: shot.fill, hidden: hidden.share }),
    { kept: frame.kept, times: frame.fill / shot.fill },
  ],
  "light-side": ({ lightTurn = 0 }, { light }) =>
    light.side === "even"
      ? [EVEN_SHARE, {}]
      : [turnShare({ turn: light.turn, wished: lightTurn }), { turn: light.turn }],
  "light-enough": (_, { settings }) => [
    lightShare(settings),
    { short: settings.short / 3, missing: settings.missing / 3, over: settings.over / 3 },
  ],
  movement: (_, { motion }) => {
    const { held, pan } = motion;
    if (pan) return [pan.keeperChance, { chance: pan.keeperChance }];
    const share = holdShare({ blur: held.blurUm, tolerance: held.toleranceUm });
    return [share, { times: held.blurUm / held.toleranceUm }];
  },
  background: (_, { sighting }) => {
    const busiest = busiestOf(sighting);
    return busiest
      ? [smoothShare(busiest), { smoothness: busiest.smoothness, beyond: busiest.beyond }]
      : [1, {}];
  },
  face: (_, { sighting }) => [
    faceShare({ turn: sighting.faceTurn, hidden: sighting.hidden.head ? 1 : 0 }),
    { turn: sighting.faceTurn },
  ],
  "eye-level": (_, { sighting }) => [levelShare(sighting), { angle: sighting.heightAngle }],
  glare: (input, found) => {
    const { inFrame, aside, above } = sunToFrame(input, found.sighting);
    return [clearShare({ fault: inFrame ? 1 : 0 }), { aside, above }];
  },
  "own-shadow": (_, { light }) => [clearShare({ fault: light.ownShadow ? 1 : 0 }), {}],
  walk: ({ walk }) => (walk === undefined ? [1, {}] : [walkShare({ walk }), { metres: walk }]),
};

const CODES = Object.keys(FREEZE) as ScoreCode[];

/** How good a place is for a shot: the weighed mean of what it is judged by, each part with its reason. */
export function scoreOf(input: AssessInput, found: Found, judgement: readonly Judgement[]): Score {
  const weights = input.weights ?? weightsFor(input.shot.intent);
  const parts: ScorePart[] = [];
  for (const code of CODES) {
    const weight = weights[code];
    if (weight === 0) continue;
    const [score, numbers] = PARTS[code](input, found);
    parts.push({ code, score, weight, numbers });
  }
  return { value: weighedMean(parts), vetoed: judgement.some((j) => j.weight === "veto"), parts };
}
