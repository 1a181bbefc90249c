import { planPanel } from "./plan/panel";
import { groundShotPanel } from "./ground-shot/panel";
import { fromHerePanel } from "./from-here/panel";
import { groundWatchOutPanel } from "./ground-watch-out/panel";
import { inTheWayPanel } from "./in-the-way/panel";
import { meshPanel } from "./mesh/panel";
import { positionsComparedPanel } from "./positions-compared/panel";
import { briefPlacesPanel } from "./brief-places/panel";
import { positionPanel } from "./position/panel";
import { otherPositionsPanel } from "./other-positions/panel";
import { whereTheTradeStandsPanel } from "./where-the-trade-stands/panel";
import { skyPanel } from "./sky/panel";
import { forecastPanel } from "./forecast/panel";
import { windAndWaterPanel } from "./wind-and-water/panel";
import { sunMoonAndShadePanel } from "./sun-moon-and-shade/panel";
import { lightOverPanel } from "./light-over/panel";
import { groundPromisedPanel } from "./ground-promised/panel";
import { spotPanel } from "./spot/panel";
import { onTheGroundPanel } from "./on-the-ground/panel";
import { groundAndLightPanel } from "./ground-and-light/panel";
import { groundCautionsPanel } from "./ground-cautions/panel";
import type { Panel } from "../screen/panel";

/** Ground: where to stand, what each place sees, where the light comes from. */
export const GROUND: readonly Panel[] = [
  planPanel,
  groundShotPanel,
  fromHerePanel,
  groundWatchOutPanel,
  inTheWayPanel,
  meshPanel,
  positionsComparedPanel,
  briefPlacesPanel,
  positionPanel,
  otherPositionsPanel,
  whereTheTradeStandsPanel,
  skyPanel,
  forecastPanel,
  windAndWaterPanel,
  sunMoonAndShadePanel,
  lightOverPanel,
  groundPromisedPanel,
  spotPanel,
  onTheGroundPanel,
  groundAndLightPanel,
  groundCautionsPanel,
];
