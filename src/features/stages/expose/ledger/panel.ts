import { type Panel, withPicture, withStage } from "../../screen/panel";
import { Ledger, ledgerAnswer } from "./View";

export const ledgerPanel: Panel = {
  id: "ledger",
  worked: ["solveSettings"],
  title: "Stop ledger",
  phone: "folded",
  wide: "open",
  further: true,
  when: withPicture,
  answer: ledgerAnswer,
  load: withStage(Ledger),
};
