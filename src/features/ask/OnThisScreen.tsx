import { View } from "react-native";
import { Txt } from "@/ui/controls/Txt";
import type { AskedOuting } from "../layout/asking";
import { HELP } from "../stages/help";
import { HelpText } from "../stages/screen/HelpText";
import type { StageKey } from "../stages/screen/stages";
import type { StagePanels } from "./panels-found";

interface Props {
  readonly panels: StagePanels;
  readonly outing: AskedOuting;
}

/** What stands on the open stage, each panel with what it answers, from what, and its limits. */
export function OnThisScreen({ panels, outing }: Props) {
  const stage = outing.stage as StageKey;
  const here = panels[stage].filter(({ id }) => outing.line(stage, id) !== undefined && HELP[stage][id]);
  return (
    <>
      <Txt size={20} weight={700} role="heading" aria-level={2} className="pt-2">
        On this screen
      </Txt>
      <View role="list" aria-label="On this screen">
        {here.map(({ id, title }) => (
          <View key={id} role="listitem" className="border-t border-line py-2">
            <Txt weight={600}>{title}</Txt>
            <HelpText help={HELP[stage][id]!} />
          </View>
        ))}
      </View>
    </>
  );
}
