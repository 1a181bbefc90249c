import type { OutingView } from "@/outing/outing-view";
import { near } from "./frame/groups";
import { morePictures } from "./frame/more-pictures";
import { print } from "./frame/print";
import { reach } from "./frame/reach";
import { softer } from "./frame/softer";
import { standsOut } from "./frame/stand-out";
import { mesh } from "./ground/mesh";
import { walks } from "./ground/positions-compared";
import { skyDay } from "./ground/sun-moon-and-shade";
import { wind } from "./ground/wind-and-water";
import { counted } from "./review/keepers";
import { readingsTold } from "./review/light-here";
import { blur } from "./expose/blur";
import { chance } from "./expose/chance";
import { flicker } from "./expose/flicker";
import { instant } from "./expose/instant";
import { knownLevels } from "./expose/when-right";
import { ledger } from "./expose/ledger";
import { clickNoiseEqual } from "./expose/one-click";
import { pan } from "./expose/pan";
import { placeLight } from "./expose/place-light";
import { setUp } from "./expose/focus-drive-and-white-balance";
import { starting } from "./expose/practice-starts";
import { still } from "./expose/still";
import { through } from "./expose/through";
import { waysOfView } from "./expose/ways";
import { depthOf } from "./frame/depth";
import { lensesFromPositions } from "./frame/lenses";
import { sight } from "./ground/in-the-way";
import { tradePlaces } from "./ground/where-the-trade-stands";
import { whatCounts } from "./ground/what-counts";
import { fieldCard } from "./run/card";
import { comingNext } from "./run/changes";
import { zones } from "./run/clicks-elsewhere";
import { lightToday } from "./run/light-today";
import { exposing } from "./shot/exposing";

/** The picture in hand, or why there is none. */
const inHand = ({ inHand }: OutingView): OutingView["inHand"] => inHand;

/** What each panel says, by the panel's id: plain figures, for whoever asks without a screen. "assess" is the picture itself. */
export const ANSWERS = {
  assess: inHand,
  blur,
  card: fieldCard,
  chance,
  changes: comingNext,
  "clicks-elsewhere": zones,
  depth: depthOf,
  flicker,
  "focus-drive-and-white-balance": setUp,
  groups: near,
  "in-the-way": sight,
  instant,
  keepers: counted,
  ledger,
  lenses: lensesFromPositions,
  light: ({ found }: OutingView) => found?.light,
  "light-here": readingsTold,
  "light-today": lightToday,
  mesh,
  "more-pictures": morePictures,
  "one-click": clickNoiseEqual,
  pan,
  exposing,
  "place-light": placeLight,
  "positions-compared": walks,
  "practice-starts": starting,
  print,
  reach,
  settings: ({ found }: OutingView) => found?.settings,
  softer,
  "stand-out": standsOut,
  still,
  "sun-moon-and-shade": ({ outing }: OutingView) => skyDay(outing, outing.date),
  through,
  ways: waysOfView,
  "what-counts": whatCounts,
  "when-right": knownLevels,
  "where-the-trade-stands": tradePlaces,
  "wind-and-water": wind,
} as const satisfies Readonly<Record<string, (view: OutingView) => unknown>>;

export type AnswerId = keyof typeof ANSWERS;
