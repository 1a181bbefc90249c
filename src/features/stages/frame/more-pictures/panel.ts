import { morePictures } from "@/answers/frame/more-pictures";
import { countWords } from "@/words";
import { type Panel, always, whenSeen } from "../../screen/panel";

export const morePicturesPanel: Panel = {
  id: "more-pictures",
  title: "More pictures of it",
  phone: "folded",
  wide: "folded",
  further: true,
  when: always,
  answer: (view) => `${countWords(morePictures(view).length, "other picture")} of ${view.subject.name}`,
  load: whenSeen(async () => (await import("./View")).MorePictures),
};
