import type { PanelHelp } from "../../screen/panel-help";

export const help: PanelHelp = {
  answers:
    "Which focal length fills the frame as wished, from how far, and what converter, crop or another body would give.",
  from: "Its size, the wished fill, your lenses and bodies.",
  limits: "Thin lens: half a per cent at ten metres.",
  questions: [
    "How many millimetres do I need?",
    "How far may it be away?",
    "Is a converter better than cropping?",
    "Which body reaches farther?",
  ],
  words:
    "reach telephoto long lens teleconverter extender crop factor full frame equivalent focal length distance close near far bird small body sensor enough mm wren robin away worth need use which camera too",
};
