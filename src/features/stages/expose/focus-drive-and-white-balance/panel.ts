import { type Panel, whenSeen, withPicture } from "../../screen/panel";
import { setUp } from "@/answers/expose/focus-drive-and-white-balance";
import type { OutingView } from "@/outing/outing-view";
import { setUpWords } from "@/words";

const setUpAnswer = (view: OutingView): string => {
  const answer = setUp(view);
  return answer ? setUpWords(answer) : "";
};

export const focusDriveAndWhiteBalancePanel: Panel = {
  id: "focus-drive-and-white-balance",
  worked: ["setUpFor"],
  title: "Focus, drive and white balance",
  phone: "folded",
  wide: "folded",
  when: withPicture,
  answer: setUpAnswer,
  load: whenSeen(async () => (await import("./View")).SetUp),
};
