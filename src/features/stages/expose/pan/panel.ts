import { type Panel, whenSeen } from "../../screen/panel";
import type { OutingView } from "@/outing/outing-view";
import { percentWords } from "@/words";

/** Whether the shot is panned and something crosses. */
const isPanned = ({ found }: OutingView): boolean => found?.motion.pan !== undefined;

/** How long the lines of a pan are as set. */
const panAnswer = ({ found }: OutingView): string =>
  found?.motion.pan ? `lines ${percentWords(found.motion.pan.streakShare)} of the frame` : "";

export const panPanel: Panel = {
  id: "pan",
  worked: ["panRate", "panRateChange", "panDepthBlurUm", "panKeeperChance", "panLeft", "neutralDensityStops"],
  title: "Pan",
  phone: "folded",
  wide: "open",
  when: isPanned,
  answer: panAnswer,
  load: whenSeen(async () => (await import("./View")).Pan),
};
