import { shutterWords, verdictWords } from "@/words";
import { type Panel, whenSeen, withPicture } from "../../screen/panel";

export const beforeItIsTakenPanel: Panel = {
  id: "before-it-is-taken",
  worked: ["imageSpeedUm", "blurDiscUm", "blurLengthUm", "renderPicture", "meshFound"],
  title: "The picture before it is taken",
  phone: "folded",
  wide: "folded",
  when: withPicture,
  answer: ({ found }) =>
    found
      ? `${shutterWords(found.settings.settings.shutter)}: ${found.motion.held.name} ${verdictWords(found.motion.held.verdict)}`
      : "",
  load: whenSeen(async () => (await import("./View")).Preview),
};
