import { type Panel, withPicture, withStage } from "../../screen/panel";
import { LightOnSubject, lightAnswer } from "./View";

export const lightPanel: Panel = {
  id: "light",
  worked: ["subjectLight", "evFromLux"],
  title: "Light on the subject",
  phone: "folded",
  wide: "open",
  when: withPicture,
  answer: lightAnswer,
  load: withStage(LightOnSubject),
};
