import { frameShotPanel } from "./frame-shot/panel";
import { picturePanel } from "./picture/panel";
import { beforeItIsTakenPanel } from "./before-it-is-taken/panel";
import { depthPanel } from "./depth/panel";
import { softerPanel } from "./softer/panel";
import { standOutPanel } from "./stand-out/panel";
import { reachPanel } from "./reach/panel";
import { lensesPanel } from "./lenses/panel";
import { morePicturesPanel } from "./more-pictures/panel";
import { groupsPanel } from "./groups/panel";
import { printPanel } from "./print/panel";
import { frameKitPanel } from "./frame-kit/panel";
import type { Panel } from "../screen/panel";

/** Frame: how large the subject is with the lenses one owns, what crop is left, what is sharp, what lies behind. */
export const FRAME: readonly Panel[] = [
  frameShotPanel,
  picturePanel,
  beforeItIsTakenPanel,
  depthPanel,
  softerPanel,
  standOutPanel,
  reachPanel,
  lensesPanel,
  morePicturesPanel,
  groupsPanel,
  printPanel,
  frameKitPanel,
];
