import { type Panel, whenSeen, withPicture } from "../../screen/panel";
import type { OutingView } from "@/outing/outing-view";
import { swatchWords } from "@/words";

/** The colour told of the subject. */
const colourAnswer = ({ subject }: OutingView): string =>
  subject.colour ? swatchWords(subject.colour).toLowerCase() : "no colour told";

export const standOutPanel: Panel = {
  id: "stand-out",
  worked: ["standsOut"],
  title: "Does it stand out",
  phone: "folded",
  wide: "folded",
  further: true,
  when: withPicture,
  answer: colourAnswer,
  load: whenSeen(async () => (await import("./View")).StandsOut),
};
