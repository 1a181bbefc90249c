import { type Panel, withPicture, withStage } from "../../screen/panel";
import { Blur, blurAnswer } from "./View";

export const blurPanel: Panel = {
  id: "blur",
  worked: ["blurLengthUm", "imageSpeedUm", "slowestExposure"],
  title: "Blur in the picture",
  phone: "open",
  wide: "open",
  when: withPicture,
  answer: blurAnswer,
  load: withStage(Blur),
};
