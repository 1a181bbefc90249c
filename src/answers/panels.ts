import type { OutingView } from "@/outing/outing-view";
import { blur } from "./expose/blur";
import { chance } from "./expose/chance";
import { flicker } from "./expose/flicker";
import { instant } from "./expose/instant";
import { knownLevels } from "./expose/known-light";
import { ledger } from "./expose/ledger";
import { clickNoiseEqual } from "./expose/one-click";
import { pan } from "./expose/pan";
import { placeLight } from "./expose/place-light";
import { setUp } from "./expose/set-up";
import { starting } from "./expose/starting";
import { still } from "./expose/still";
import { through } from "./expose/through";
import { waysOfView } from "./expose/ways";
import { depthOf } from "./frame/depth";
import { lensesFromPositions } from "./frame/lens-table";
import { sight } from "./ground/sight";
import { tradePlaces } from "./ground/trade-places";
import { whatCounts } from "./ground/what-counts";
import { fieldCard } from "./run/card";
import { comingNext } from "./run/changes";
import { zones } from "./run/zones";
import { exposing } from "./shot/exposing";

/** The picture in hand, or why there is none. */
const inHand = ({ inHand }: OutingView): OutingView["inHand"] => inHand;

/** What each panel says, by the panel's id: plain figures, for whoever asks without a screen. "assess" is the picture itself. */
export const ANSWERS = {
  assess: inHand,
  rails: ({ found }: OutingView) => found?.settings,
  blur,
  card: fieldCard,
  chance,
  changes: comingNext,
  depth: depthOf,
  exposing,
  flicker,
  instant,
  "known-light": knownLevels,
  ledger,
  lenses: lensesFromPositions,
  "one-click": clickNoiseEqual,
  pan,
  "place-light": placeLight,
  "set-up": setUp,
  sight,
  starting,
  still,
  through,
  "trade-places": tradePlaces,
  ways: waysOfView,
  "what-counts": whatCounts,
  zones,
} as const satisfies Readonly<Record<string, (view: OutingView) => unknown>>;

export type AnswerId = keyof typeof ANSWERS;
