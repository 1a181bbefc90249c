import { type Panel, always, whenSeen } from "../../screen/panel";
import { countWords } from "@/words";

export const arrangementsPanel: Panel = {
  id: "arrangements",
  title: "Arrangements",
  phone: "folded",
  wide: "folded",
  further: true,
  when: always,
  answer: ({ outing }) => {
    const waited = (outing.deliverables ?? []).filter((d) => !d.done).length;
    return waited > 0
      ? `${countWords(waited, "delivery", "deliveries")} waited for`
      : "rules, pass, contacts, deliveries";
  },
  load: whenSeen(async () => (await import("./View")).Arrangements),
};
