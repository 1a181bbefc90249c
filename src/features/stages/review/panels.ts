import { reviewShotPanel } from "./review-shot/panel";
import { countPanel } from "./count/panel";
import { keepersPanel } from "./keepers/panel";
import { lightHerePanel } from "./light-here/panel";
import { nextTimePanel } from "./next-time/panel";
import type { Panel } from "../screen/panel";

/** Review: what came out, which settings gave keepers, what the light of the place was. */
export const REVIEW: readonly Panel[] = [
  reviewShotPanel,
  countPanel,
  keepersPanel,
  lightHerePanel,
  nextTimePanel,
];
