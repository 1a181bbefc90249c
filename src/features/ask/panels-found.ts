import { HELP } from "../stages/help";
import type { Panel } from "../stages/screen/panel";
import type { StageKey } from "../stages/screen/stages";
import type { Findable } from "./finder";

/** A panel that can be found. */
export interface FindablePanel extends Findable {
  readonly kind: "panel";
  readonly stage: StageKey;
  readonly panelId: string;
}

/** The panels of the stages, as they come with them. */
export type StagePanels = Readonly<Record<StageKey, readonly Pick<Panel, "id" | "title">[]>>;

/** Every panel with what it answers. */
export const findablePanels = (panels: StagePanels): FindablePanel[] =>
  (Object.keys(panels) as StageKey[]).flatMap((stage) =>
    panels[stage].flatMap(({ id, title }): FindablePanel[] => {
      const help = HELP[stage][id];
      if (!help) return [];
      return [
        {
          kind: "panel",
          id: `${stage}/${id}`,
          stage,
          panelId: id,
          title,
          questions: help.questions,
          words: help.words,
          says: help.answers,
        },
      ];
    }),
  );
