import type { PanelHelp } from "../../screen/panel-help";

export const help: PanelHelp = {
  answers: "How to expose here, what is lost in the whites and in the faces, and which metering is misled.",
  from: "The scene’s brightest and darkest parts, your school, and what your files hold.",
  limits: "Common practice where no published value is named.",
  questions: [
    "Do I hold the whites or the faces?",
    "Is the meter fooled here?",
    "Do I correct the exposure?",
    "Manual or automatic exposure?",
  ],
  words:
    "metering meter snow white black shirts highlights clipped blown shadows backlit silhouette compensation expose auto iso automatic manual bright sky water sand spot matrix evaluative centre weighted grey gray dark faces backlight against sun exposing dress shirt swan underexpose overexpose modes priority",
};
