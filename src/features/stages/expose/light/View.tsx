import { View } from "react-native";
import type { OutingView } from "@/outing/outing-view";
import { StackedBar } from "@/ui/charts/StackedBar";
import { Txt } from "@/ui/controls/Txt";
import { useTokens } from "@/ui/theme/theme";
import { useFound, useOuting } from "../../../outing/use-outing";
import { AskSum } from "../../reasons/AskSum";
import { SumText } from "../../reasons/SumText";
import { evWords, luxWords, surfaceWords } from "@/words";

/** The light on the subject as a photographer and as a meter of the hall says it. */
export const lightAnswer = ({ found }: OutingView): string =>
  found ? `${evWords(found.light.ev)}, ${luxWords(found.light.lux.total)}` : "";

/** Where the light on the side of the subject that you see comes from. */
export function LightOnSubject() {
  const tokens = useTokens();
  const answer = useOuting(lightAnswer);
  const { lux, evInCloud, surface } = useFound((found) => found.light);
  const parts = [
    { key: "sun", words: "sun", colour: tokens.sunFill, share: lux.sun / lux.total },
    { key: "sky", words: "sky", colour: tokens.water, share: lux.sky / lux.total },
    { key: "moon", words: "moon", colour: tokens.ink2, share: lux.moon / lux.total },
    { key: "ground", words: surfaceWords(surface), colour: tokens.mossFill, share: lux.ground / lux.total },
    { key: "lamps", words: "lamps", colour: tokens.sun, share: lux.lamps / lux.total },
  ];
  return (
    <View className="gap-2">
      <SumText of="ev" title="The light on the subject" words={answer} size={20} weight={700} />
      {evInCloud !== undefined && (
        <SumText
          of="evInCloud"
          title="The light while a cloud passes"
          words={`${evWords(evInCloud)} while a cloud passes.`}
        />
      )}
      <Txt size={14} tone="ink2">
        EV counts stops of light at ISO 100: one more is twice as much. A klx is 1000 lux.
      </Txt>
      <AskSum of="lux" title="The light by its origin" says="Light by origin, its sum">
        <StackedBar label="Light by origin" parts={parts.sort((a, b) => b.share - a.share)} />
      </AskSum>
    </View>
  );
}
