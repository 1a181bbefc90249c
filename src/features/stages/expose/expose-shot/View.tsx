import { View } from "react-native";
import { evWords, lightSideWords, percentWords } from "@/words";
import { useFound, useOuting } from "../../../outing/use-outing";
import { SumText } from "../../reasons/SumText";
import { withPicture } from "../../screen/panel";
import { NoPicture, ShotInHand } from "../../shot/ShotInHand";

/** Shares of lamplight between which both kinds of light are worth naming. */
const MIXED = { from: 0.05, to: 0.95 };

/** The shot in hand, and the light that is on it. */
export function ExposeHead() {
  const picture = useOuting(withPicture);
  return (
    <View className="gap-1">
      <ShotInHand />
      {picture ? <OnSubject /> : <NoPicture />}
    </View>
  );
}

function OnSubject() {
  const words = useFound(({ light }) => {
    const lamps = light.lux.lamps / light.lux.total;
    const mixed = lamps > MIXED.from && lamps < MIXED.to;
    const from = mixed ? `${percentWords(lamps)} from lamps` : lightSideWords(light).value;
    return `${evWords(light.ev)} on the subject, ${from}`;
  });
  return <SumText of="ev" title="The light on the subject" words={words} tone="ink2" />;
}
