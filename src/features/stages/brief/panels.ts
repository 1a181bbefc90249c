import { whenAndWherePanel } from "./when-and-where/panel";
import { promisedPanel } from "./promised/panel";
import { programmePanel } from "./programme/panel";
import { peoplePanel } from "./people/panel";
import { placePanel } from "./place/panel";
import { arrangementsPanel } from "./arrangements/panel";
import { whenItIsAboutPanel } from "./when-it-is-about/panel";
import { suppliesPanel } from "./supplies/panel";
import { packingPanel } from "./packing/panel";
import { briefGroundPanel } from "./brief-ground/panel";
import { cautionsPanel } from "./cautions/panel";
import { editorPanel } from "./editor/panel";
import type { Panel } from "../screen/panel";

/** Brief: what was promised, of whom, when, and who lets one stand where. */
export const BRIEF: readonly Panel[] = [
  whenAndWherePanel,
  whenItIsAboutPanel,
  promisedPanel,
  programmePanel,
  peoplePanel,
  placePanel,
  arrangementsPanel,
  suppliesPanel,
  packingPanel,
  briefGroundPanel,
  cautionsPanel,
  editorPanel,
];
