import { Ask } from "../ask/Ask";
import { Late } from "../layout/Late";
import { loadStages } from "./stages";

/** The questions with the panels that answer them: these come with the stages. */
export function AskHost() {
  return (
    <Late load={loadStages} waiting="One moment">
      {({ ALL_PANELS }) => <Ask panels={ALL_PANELS} />}
    </Late>
  );
}
