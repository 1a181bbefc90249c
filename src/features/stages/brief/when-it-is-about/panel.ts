import { type Panel, whenSeen } from "../../screen/panel";

export const whenItIsAboutPanel: Panel = {
  id: "when-it-is-about",
  title: "When it is about",
  phone: "folded",
  wide: "folded",
  when: ({ outing }) => outing.kind === "wild",
  answer: () => "its hours and its season, of your time there",
  load: whenSeen(async () => (await import("./View")).WhenItIsAbout),
};
