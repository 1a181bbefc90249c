import { type Panel, always, withStage } from "../../screen/panel";
import { Editor } from "./View";

export const editorPanel: Panel = {
  id: "editor",
  title: "Editor",
  phone: "lead",
  wide: "lead",
  when: always,
  load: withStage(Editor),
};
