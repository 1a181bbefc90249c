import { countWords, evWords } from "@/words";
import { type Panel, whenSeen, withPicture } from "../../screen/panel";

export const whenRightPanel: Panel = {
  id: "when-right",
  worked: ["evOfSettings", "pictureSays", "luxFromEv"],
  title: "When are settings right, and readings",
  phone: "folded",
  wide: "folded",
  further: true,
  when: withPicture,
  answer: ({ outing, found }) =>
    `${found ? `${evWords(found.light.ev)} here, ` : ""}${countWords(outing.light.readings.length, "reading")}`,
  load: whenSeen(async () => (await import("./View")).KnownLight),
};
