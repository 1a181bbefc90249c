import type { PanelHelp } from "../../screen/panel-help";

export const help: PanelHelp = {
  answers: "What the netting does to the picture, and from how near it is gone.",
  from: "Pitch and wire of the mesh, your distance to it, the aperture.",
  limits: "Sun on the wires is worse: keep them in shade.",
  questions: ["Do I see the wires?", "How near to the netting do I go?", "Does the fence spoil it?"],
  words:
    "fence net netting wire cage chain-link backstop mesh shoot through behind visible show glass chain link front protective",
};
