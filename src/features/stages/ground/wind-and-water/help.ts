import type { PanelHelp } from "../../screen/panel-help";

export const help: PanelHelp = {
  answers: "From where the wind comes, what it does to birds, scent and sails, and how high the water is.",
  from: "Wind and tide as you told them.",
  limits: "Tides by the two figures that you give: no table.",
  questions: [
    "From where does the wind blow?",
    "Into which direction do they land?",
    "When is high water?",
    "Is the water still enough for a mirror?",
  ],
  words:
    "wind direction upwind downwind scent tide tides low water waves reflection mirror take off landing birds sail breeze hide into high",
};
