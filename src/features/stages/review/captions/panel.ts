import { type Panel, always, whenSeen } from "../../screen/panel";

export const captionsPanel: Panel = {
  id: "captions",
  title: "Captions",
  phone: "folded",
  wide: "half",
  when: always,
  answer: ({ preferences }) =>
    preferences.captions?.description ?? "who, what and where, in a form that any program reads",
  load: whenSeen(async () => (await import("./View")).Captions),
};
