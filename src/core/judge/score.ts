import { cosDeg } from "../units";
import type { Intent } from "../scene";
import type { AssessInput, Assessment, Score, ScoreCode, ScorePart, Weights } from "./assessment";
import type { Judgement } from "./judgements";
import { busiestOf } from "./judgement";
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

const share = (value: number): number => Math.max(0, Math.min(1, value));
/** 1 at a turn of 0°, ½ at 90°, 0 at 180°. */
const byTurn = (turn: number): number => (1 + cosDeg(turn)) / 2;

/** One part between 0 and 1, with the numbers it rests on. */
const PARTS: Readonly<Record<ScoreCode, (input: AssessInput, found: Found) => Judged>> = {
  // Nothing at half or at twice the wished size; what is hidden is not there.
  reach: ({ shot }, { sighting: { frame, hidden } }) => [
    share(1 - Math.abs(Math.log2(frame.fill / shot.fill))) * (1 - hidden.share),
    { kept: frame.kept, times: frame.fill / shot.fill },
  ],
  "light-side": ({ lightTurn = 0 }, { light }) =>
    light.side === "even" ? [0.7, {}] : [byTurn(light.turn - lightTurn), { turn: light.turn }],
  // Three stops short are nothing.
  "light-enough": (_, { settings }) => [
    share(1 - (settings.short + settings.missing + settings.over) / 9),
    { short: settings.short / 3, missing: settings.missing / 3, over: settings.over / 3 },
  ],
  movement: (_, { motion }) => {
    const { held, pan } = motion;
    if (pan) return [pan.keeperChance, { chance: pan.keeperChance }];
    const times = held.blurUm / held.toleranceUm;
    return [share((4 - times) / 3), { times }];
  },
  background: (_, { sighting }) => {
    const busiest = busiestOf(sighting);
    return busiest
      ? [
          share(0.5 + Math.log2(busiest.smoothness) / 3.2),
          { smoothness: busiest.smoothness, beyond: busiest.beyond },
        ]
      : [1, {}];
  },
  face: (_, { sighting }) => [
    sighting.hidden.head ? 0 : byTurn(sighting.faceTurn),
    { turn: sighting.faceTurn },
  ],
  "eye-level": (_, { sighting }) => [
    share(1 - Math.abs(sighting.heightAngle) / 45),
    { angle: sighting.heightAngle },
  ],
  glare: (input, found) => {
    const { inFrame, aside, above } = sunToFrame(input, found.sighting);
    return [inFrame ? 0 : 1, { aside, above }];
  },
  "own-shadow": (_, { light }) => [light.ownShadow ? 0 : 1, {}],
  // A place five minutes away on foot (some 400 m) counts half.
  walk: ({ walk }) => (walk === undefined ? [1, {}] : [400 / (400 + walk), { metres: walk }]),
};

const CODES = Object.keys(FREEZE) as ScoreCode[];

/** How good a place is for a shot: the weighed mean of what it is judged by, each part with its reason. */
export function scoreOf(input: AssessInput, found: Found, judgement: readonly Judgement[]): Score {
  const weights = input.weights ?? weightsFor(input.shot.intent);
  let [sum, all] = [0, 0];
  const parts: ScorePart[] = [];
  for (const code of CODES) {
    const weight = weights[code];
    if (weight === 0) continue;
    const [score, numbers] = PARTS[code](input, found);
    sum += weight * score;
    all += weight;
    parts.push({ code, score, weight, numbers });
  }
  return { value: all > 0 ? sum / all : 0, vetoed: judgement.some((j) => j.weight === "veto"), parts };
}
