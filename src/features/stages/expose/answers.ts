import { chance } from "@/answers/expose/chance";
import { instant } from "@/answers/expose/instant";
import { clickNoiseEqual } from "@/answers/expose/one-click";
import { setUp } from "@/answers/expose/set-up";
import { through } from "@/answers/expose/through";
import { exposing } from "@/answers/shot/exposing";
import type { OutingView } from "@/outing/outing-view";
import {
  eventWords,
  keptWords,
  modeWords,
  percentWords,
  setUpWords,
  signedStops,
  throughWords,
} from "@/words";

// The lines of the panels that are loaded when they are first seen: they stand here, so that saying them loads nothing.

/** How many frames of a hundred come off as set. */
export const chanceAnswer = (view: OutingView): string => {
  const answer = chance(view);
  return answer ? keptWords(answer.here.chance) : "";
};

/** Which way of exposing suits, in a line. */
export const exposingAnswer = (view: OutingView): string => {
  const advice = exposing(view);
  return advice ? modeWords(advice) : "";
};

/** Whether a limit breaks through the outing, and when worst. */
export const throughAnswer = (view: OutingView): string => throughWords(through(view));

/** Whether the shot is panned and something crosses. */
export const isPanned = ({ found }: OutingView): boolean => found?.motion.pan !== undefined;

/** How long the lines of a pan are as set. */
export const panAnswer = ({ found }: OutingView): string =>
  found?.motion.pan ? `lines ${percentWords(found.motion.pan.streakShare)} of the frame` : "";

/** Whether lamps light the subject. */
export const underLamps = ({ found }: OutingView): boolean => (found?.light.lux.lamps ?? 0) > 0;

export const instantAnswer = (view: OutingView): string => {
  const answer = instant(view);
  return answer ? eventWords(answer) : "";
};

export const setUpAnswer = (view: OutingView): string => {
  const answer = setUp(view);
  return answer ? setUpWords(answer) : "";
};

/** Light collected against a whole 36×24. */
export const noiseAnswer = (view: OutingView): string => {
  const answer = clickNoiseEqual(view);
  return answer ? `${signedStops(-answer.noise.belowFullFrame)} stops of light against a whole 36×24` : "";
};

/** Magnification from which the hand's own sway and the stem count. */
const NEAR = 0.1;

/** Whether the picture is one of something that keeps its place, or is taken close up. */
export const isStillOrNear = ({ found, shot, subject }: OutingView): boolean =>
  found !== undefined &&
  (shot.intent === "still" ||
    shot.intent === "context" ||
    found.sighting.frame.magnification >= NEAR ||
    subject.bodySpeed === 0);
