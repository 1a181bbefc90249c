import { type Panel, whenSeen, withPicture } from "../../screen/panel";
import { chance } from "@/answers/expose/chance";
import type { OutingView } from "@/outing/outing-view";
import { keptWords } from "@/words";

/** How many frames of a hundred come off as set. */
const chanceAnswer = (view: OutingView): string => {
  const answer = chance(view);
  return answer ? keptWords(answer.here.chance) : "";
};

export const chancePanel: Panel = {
  id: "chance",
  worked: ["keeperChance.chance", "speedSpread", "steadyChance", "chanceFromLog"],
  title: "Chance of a keeper",
  phone: "folded",
  wide: "open",
  when: withPicture,
  answer: chanceAnswer,
  load: whenSeen(async () => (await import("./View")).Chance),
};
