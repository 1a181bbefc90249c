import { type Panel, always, whenSeen } from "../../screen/panel";

export const learntPanel: Panel = {
  id: "learnt",
  title: "Learnt from your frames",
  phone: "folded",
  wide: "folded",
  further: true,
  when: always,
  answer: ({ preferences: { learnt = {} } }) => {
    const on = Object.keys(learnt).length;
    return on > 0 ? `${on} of your own figures in use` : "nothing of your own in use yet";
  },
  load: whenSeen(async () => (await import("./View")).LearntHere),
};
