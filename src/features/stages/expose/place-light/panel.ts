import { type Panel, whenSeen, withPicture } from "../../screen/panel";
import { exposing } from "@/answers/shot/exposing";
import type { OutingView } from "@/outing/outing-view";
import { modeWords } from "@/words";

/** Which way of exposing suits, in a line. */
const exposingAnswer = (view: OutingView): string => {
  const advice = exposing(view);
  return advice ? modeWords(advice) : "";
};

export const placeLightPanel: Panel = {
  id: "place-light",
  worked: ["evFromLux", "sceneContrast", "toneAdvice", "meterCompensation"],
  title: "How to expose, and the light of the place",
  phone: "folded",
  wide: "folded",
  further: true,
  when: withPicture,
  answer: exposingAnswer,
  load: whenSeen(async () => (await import("./View")).PlaceLight),
};
