import { type Panel, whenSeen } from "../../screen/panel";
import type { OutingView } from "@/outing/outing-view";
import { bearingWords } from "@/words";

/** What is told of wind and water, in a line. */
const weatherAnswer = ({ outing: { weather } }: OutingView): string =>
  [
    weather?.wind ? `wind from ${bearingWords(weather.wind.from)}` : "",
    weather?.water ? "water that moves" : "",
  ]
    .filter(Boolean)
    .join(", ") || "nothing told yet";

export const windAndWaterPanel: Panel = {
  id: "wind-and-water",
  title: "Wind and water",
  phone: "folded",
  wide: "folded",
  further: true,
  when: ({ outing: { light } }) => !light.roof,
  answer: weatherAnswer,
  load: whenSeen(async () => (await import("./View")).WindAndWater),
};
