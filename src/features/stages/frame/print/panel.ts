import { metresWords } from "@/words";
import { type Panel, whenSeen, withPicture } from "../../screen/panel";

export const printPanel: Panel = {
  id: "print",
  worked: ["pixelsWanted", "circleForDeliverable"],
  title: "As a print",
  phone: "folded",
  wide: "folded",
  further: true,
  when: withPicture,
  answer: ({ shot }) =>
    shot.print
      ? `${Math.round(shot.print.longEdgeMm / 10)} cm, seen from ${metresWords(shot.print.viewingDistance)}`
      : "none ordered",
  load: whenSeen(async () => (await import("./View")).AsPrint),
};
