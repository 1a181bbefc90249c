import { type Panel, whenSeen } from "../../screen/panel";
import { bodies, shotsOfOtherBodies } from "./bodies";

export const secondBodyPanel: Panel = {
  id: "second-body",
  title: "The second body",
  phone: "folded",
  wide: "folded",
  when: ({ bag }) => bag.bodies.length > 1,
  answer: (view) => {
    const shots = shotsOfOtherBodies(view);
    const ready = shots.find((s) => s.id === bodies.of(view.outing.id).getState().second);
    return ready ? `ready for ${ready.name}` : "one card";
  },
  load: whenSeen(async () => (await import("./View")).SecondBody),
};
