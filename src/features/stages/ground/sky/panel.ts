import { type Panel, withStage } from "../../screen/panel";
import { SkyAndLamps, skyAnswer } from "./View";

export const skyPanel: Panel = {
  id: "sky",
  title: "Sky and lamps",
  phone: "folded",
  wide: "open",
  when: ({ outing: { light } }) => !light.roof || light.lamps !== null,
  answer: skyAnswer,
  load: withStage(SkyAndLamps),
};
