import { runGroundPanel } from "./run-ground/panel";
import { nextPanel } from "./next/panel";
import { cardPanel } from "./card/panel";
import { changesPanel } from "./changes/panel";
import { couldBePanel } from "./could-be/panel";
import { downAndDistancePanel } from "./down-and-distance/panel";
import { lightTodayPanel } from "./light-today/panel";
import { inPlainWordsPanel } from "./in-plain-words/panel";
import { mindPanel } from "./mind/panel";
import { owedPanel } from "./owed/panel";
import { clicksElsewherePanel } from "./clicks-elsewhere/panel";
import { whoWasThatPanel } from "./who-was-that/panel";
import { programmeInOrderPanel } from "./programme-in-order/panel";
import { secondBodyPanel } from "./second-body/panel";
import { thisPhonePanel } from "./this-phone/panel";
import { comingInPanel } from "./coming-in/panel";
import { runWhyPanel } from "./run-why/panel";
import { whereAmIPanel } from "./where-am-i/panel";
import { testShotPanel } from "./test-shot/panel";
import type { Panel } from "../screen/panel";

/** Run: the field card, what to set now and what changes next; beside it, where there is room, the plan. */
export const RUN: readonly Panel[] = [
  runGroundPanel,
  lightTodayPanel,
  nextPanel,
  cardPanel,
  inPlainWordsPanel,
  downAndDistancePanel,
  changesPanel,
  couldBePanel,
  mindPanel,
  owedPanel,
  clicksElsewherePanel,
  whoWasThatPanel,
  programmeInOrderPanel,
  secondBodyPanel,
  whereAmIPanel,
  thisPhonePanel,
  comingInPanel,
  runWhyPanel,
  testShotPanel,
];
