import { type Panel, always, whenSeen } from "../../screen/panel";
import { countWords } from "@/words";

export const deliverPanel: Panel = {
  id: "deliver",
  title: "Deliver",
  phone: "folded",
  wide: "half",
  when: always,
  answer: ({ outing: { deliverables = [] } }) => {
    const left = deliverables.filter((d) => !d.done).length;
    return left > 0
      ? `${countWords(left, "delivery", "deliveries")} still owed`
      : "sidecars, copies, a list by customer";
  },
  load: whenSeen(async () => (await import("./View")).Deliver),
};
