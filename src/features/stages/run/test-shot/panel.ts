import { type Panel, withPicture, withStage } from "../../screen/panel";
import { ReadingKeys } from "./View";

export const testShotPanel: Panel = {
  id: "test-shot",
  title: "Test shot",
  phone: "foot",
  wide: "foot",
  when: withPicture,
  load: withStage(ReadingKeys),
};
