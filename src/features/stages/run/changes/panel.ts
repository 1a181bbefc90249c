import { type Panel, withPicture, withStage } from "../../screen/panel";
import { WhatChanges } from "./View";

export const changesPanel: Panel = {
  id: "changes",
  title: "What changes next",
  phone: "lead",
  wide: "lead",
  when: withPicture,
  load: withStage(WhatChanges),
};
