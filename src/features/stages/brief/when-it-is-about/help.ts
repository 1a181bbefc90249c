import type { PanelHelp } from "../../screen/panel-help";

export const help: PanelHelp = {
  answers: "At which hours and in which months the animal is usually seen.",
  from: "Common practice for the species, and your own sightings there.",
  limits: "Weather, tide and people move animals by hours.",
  questions: ["At what hour is it about?", "In which month is it there?", "When does it sleep?"],
  words:
    "season dawn dusk active activity hours months breeding migration sighting time of day species spring autumn owl bird mammal insect best rutting moulting nesting wintering feeding when harrier hare deer owls",
};
