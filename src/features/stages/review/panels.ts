import { reviewShotPanel } from "./review-shot/panel";
import { cameOutPanel } from "./came-out/panel";
import { captionsPanel } from "./captions/panel";
import { contactSheetPanel } from "./contact-sheet/panel";
import { countPanel } from "./count/panel";
import { deliverPanel } from "./deliver/panel";
import { journalPanel } from "./journal/panel";
import { keepersPanel } from "./keepers/panel";
import { learntPanel } from "./learnt/panel";
import { lightHerePanel } from "./light-here/panel";
import { nextTimePanel } from "./next-time/panel";
import { picturesInPanel } from "./pictures-in/panel";
import type { Panel } from "../screen/panel";

/** Review: pictures read back, what came out of them, what they are called and who gets them; what the light of the place was. */
export const REVIEW: readonly Panel[] = [
  reviewShotPanel,
  picturesInPanel,
  contactSheetPanel,
  cameOutPanel,
  keepersPanel,
  countPanel,
  captionsPanel,
  deliverPanel,
  learntPanel,
  lightHerePanel,
  nextTimePanel,
  journalPanel,
];
