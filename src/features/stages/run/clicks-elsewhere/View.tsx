import { View } from "react-native";
import { zones } from "@/answers/run/clicks-elsewhere";
import { Txt } from "@/ui/controls/Txt";
import { clicksWords, railWords } from "@/words";
import { turnWords } from "@/words/place-light";
import { useOuting } from "../../../outing/use-outing";

/** The other parts of the ground as clicks from the card, opened where they are darker: "under the basket +2". */
export function Zones() {
  const { others, between } = useOuting(zones);
  return (
    <View className="gap-1 pt-1">
      <View role="list" aria-label="Clicks elsewhere" className="flex-row flex-wrap gap-x-5 gap-y-1">
        {others.map(({ id, name, clicks, rail, click, past }) => (
          <View key={id} role="listitem" className="flex-row items-baseline gap-2">
            <Txt size={18}>{name}</Txt>
            <Txt size={20} weight={700}>
              {clicks === 0 ? "the same" : turnWords(-clicks)}
            </Txt>
            <Txt tone={past > 0 ? "bracken" : "ink2"}>
              {`${railWords(rail, click)}${past > 0 ? `, ${clicksWords(past)} past your limit` : ""}`}
            </Txt>
          </View>
        ))}
      </View>
      {between && (
        <Txt tone="ink2">
          {`Or leave it at ${railWords(between.rail, between.click)}: ${clicksWords(between.off)} off at either end. Or leave the ISO to the body.`}
        </Txt>
      )}
    </View>
  );
}
