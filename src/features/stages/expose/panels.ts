import { exposeShotPanel } from "./expose-shot/panel";
import { settingsPanel } from "./settings/panel";
import { waysPanel } from "./ways/panel";
import { watchOutPanel } from "./watch-out/panel";
import { blurPanel } from "./blur/panel";
import { panPanel } from "./pan/panel";
import { chancePanel } from "./chance/panel";
import { lightPanel } from "./light/panel";
import { instantPanel } from "./instant/panel";
import { focusDriveAndWhiteBalancePanel } from "./focus-drive-and-white-balance/panel";
import { stillPanel } from "./still/panel";
import { flickerPanel } from "./flicker/panel";
import { throughPanel } from "./through/panel";
import { threeSetsPanel } from "./three-sets/panel";
import { placeLightPanel } from "./place-light/panel";
import { whenRightPanel } from "./when-right/panel";
import { oneClickPanel } from "./one-click/panel";
import { practiceStartsPanel } from "./practice-starts/panel";
import { ledgerPanel } from "./ledger/panel";
import { whyPanel } from "./why/panel";
import { exposeKitPanel } from "./expose-kit/panel";
import type { Panel } from "../screen/panel";

/** Expose: which settings follow from the light and the movement, and what stands behind each of them. */
export const EXPOSE: readonly Panel[] = [
  exposeShotPanel,
  settingsPanel,
  waysPanel,
  watchOutPanel,
  blurPanel,
  panPanel,
  chancePanel,
  lightPanel,
  instantPanel,
  focusDriveAndWhiteBalancePanel,
  stillPanel,
  flickerPanel,
  throughPanel,
  threeSetsPanel,
  placeLightPanel,
  whenRightPanel,
  oneClickPanel,
  practiceStartsPanel,
  ledgerPanel,
  whyPanel,
  exposeKitPanel,
];
