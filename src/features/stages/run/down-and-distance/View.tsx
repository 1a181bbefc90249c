import { View } from "react-native";
import {
  afterGain,
  ballAt,
  downsBegun,
  laidOut,
  downsOf,
  playDown,
  turnedOver,
  type Downs,
} from "@/outing/downs";
import { Button } from "@/ui/controls/Button";
import { Txt } from "@/ui/controls/Txt";
import { downWords, gainWords, standWords } from "@/words/downs";
import { useOuting } from "../../../outing/use-outing";
import { useToldChange } from "../../../outing/use-told-change";
import { FieldStrip } from "./FieldStrip";

/** Yards that a press gains: a loss, nothing, short, long. */
const GAINS = [-5, 0, 3, 5, 8, 15];

/** The ball moved by the yards of the last attempt in one press; the position follows the line that is to be gained. */
export function DownAndDistance() {
  const outing = useOuting((v) => v.outing);
  const spot = useOuting((v) => v.spot);
  const position = useOuting((v) => v.position);
  const told = useToldChange();
  const downs = position && downsBegun(outing, spot.id, position.id);
  const field = downsOf(outing.ground.venue);
  if (!downs || !field || !position) return null;
  const play = (next: Downs): void => void told(playDown(next), downWords(next));
  const laid = laidOut(downs, field, 1);
  return (
    <View className="gap-2">
      <Txt size={20} weight={700} aria-live="polite">
        {downWords(downs)}
      </Txt>
      <Txt tone="ink2">{`${position.name}: ${standWords(laid.stand)}`}</Txt>
      <FieldStrip downs={downs} onBall={(ball) => play(ballAt(downs, ball))} />
      <View className="flex-row gap-2" role="group" aria-label="Yards gained">
        {GAINS.map((yards) => (
          <Button
            key={yards}
            label={yards > 0 ? `+${yards}` : yards < 0 ? `−${-yards}` : "0"}
            says={gainWords(yards)}
            className="h-16 flex-1 px-0"
            onPress={() => play(afterGain(downs, yards))}
          />
        ))}
      </View>
      <View className="flex-row gap-2">
        <Button label="First down here" className="flex-1" onPress={() => play(ballAt(downs, downs.ball))} />
        <Button label="Other team’s ball" className="flex-1" onPress={() => play(turnedOver(downs))} />
      </View>
      <Txt size={14} tone="ink2">
        Stay behind the line that the officials draw: players come over it.
      </Txt>
    </View>
  );
}
