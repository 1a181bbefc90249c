import { View } from "react-native";
import { zones } from "@/answers/run/clicks-elsewhere";
import { Txt } from "@/ui/controls/Txt";
import { clicksWords, railWords } from "@/words";
import { turnWords } from "@/words/place-light";
import { useOuting } from "../../../outing/use-outing";
import { SumText } from "../../reasons/SumText";

/** The other parts of the ground as clicks from the card, opened where they are darker: "under the basket +2". */
export function Zones() {
  const { others, between } = useOuting(zones);
  return (
    <View className="gap-1 pt-1">
      <View role="list" aria-label="Clicks elsewhere" className="flex-row flex-wrap gap-x-5 gap-y-1">
        {others.map(({ id, name, clicks, rail, click, past }) => (
          <View key={id} role="listitem" className="flex-row items-baseline gap-2">
            <Txt>{name}</Txt>
            <SumText
              of={["zone", id, clicks]}
              title={`Clicks at ${name}`}
              words={`${clicks === 0 ? "the same" : turnWords(-clicks)}: ${railWords(rail, click)}`}
              size={20}
              weight={700}
            />
            {past > 0 && <Txt tone="bracken">{`${clicksWords(past)} past your limit`}</Txt>}
          </View>
        ))}
      </View>
      {between && (
        <SumText
          of={["between"]}
          title="One setting for all"
          words={`Or leave it at ${railWords(between.rail, between.click)}: ${clicksWords(between.off)} off at either end. Or leave the ISO to the body.`}
          tone="ink2"
        />
      )}
    </View>
  );
}
