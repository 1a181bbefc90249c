import { View } from "react-native";
import { waysOfView } from "@/answers/expose/ways";
import type { OutingView } from "@/outing/outing-view";
import { Txt } from "@/ui/controls/Txt";
import { stopsNoun } from "@/words";
import { Late } from "../../../layout/Late";
import { useFound, useOuting } from "../../../outing/use-outing";
import { SumText } from "../../reasons/SumText";
import { nameOf, priceOf } from "./way-words";

/** Whether the light is short of what the shot asks. */
export const isShort = ({ found }: OutingView): boolean => (found?.settings.short ?? 0) > 0;

const loadPictures = async () => (await import("./WayPictures")).WayPictures;

/** When the light has gone: each way out as a picture with its price, in the user's order, a press takes it; then those that are shut, and why. */
export function WaysOut() {
  const found = useFound((f) => f);
  const answer = useOuting(waysOfView);
  if (!answer) return null;
  const { short, missing, ways } = answer;
  return (
    <View className="gap-1">
      <View role="heading" aria-level={3}>
        <SumText
          of={missing > 0 ? "missing" : "short"}
          title={missing > 0 ? "Still missing" : "Short"}
          words={
            missing > 0
              ? `${stopsNoun(missing)} still missing. Ways out`
              : `${stopsNoun(short)} short. Ways out`
          }
          size={20}
          weight={700}
          tone={missing > 0 ? "bracken" : "ink"}
        />
      </View>
      <Late load={loadPictures} waiting="One moment">
        {(WayPictures) => <WayPictures />}
      </Late>
      {ways
        .filter((way) => !way.holds)
        .map((way) => (
          <Txt key={way.kind} size={14} tone="ink2">
            {`${nameOf(way)}: ${priceOf(way, found)}.`}
          </Txt>
        ))}
    </View>
  );
}
