import { View } from "react-native";
import { placeLight } from "@/answers/expose/place-light";
import { FactLine } from "@/ui/controls/FactLine";
import { Txt } from "@/ui/controls/Txt";
import {
  aperturePrioritySentence,
  edgeSentence,
  facesSentence,
  signedClicks,
  snowSentence,
  toneLines,
} from "@/words";
import { useOuting } from "../../../outing/use-outing";
import { ModeSaid } from "../../reasons/ModeSaid";
import { SumFact } from "../../reasons/SumFact";
import { SumText } from "../../reasons/SumText";
import { spansWords, wallOf } from "../../shot/titles";

/** The light of the place: how long these settings stay right, zones, a shadow's edge, whites against faces, aperture priority. */
export function PlaceLight() {
  const answer = useOuting(placeLight);
  const outing = useOuting((v) => v.outing);
  if (!answer) return null;
  const { advice, right, sunset, zones, edge, tones, whiteGround, priority } = answer;
  return (
    <View className="gap-3">
      <ModeSaid advice={advice} size={20} weight={600} />
      <FactLine name="The settings in hand are right" value={spansWords({ outing }, right)} />
      {sunset !== undefined && (
        <FactLine name="Next sunset, over a level horizon" value={wallOf({ outing }, sunset)} />
      )}
      {zones.length > 0 && (
        <View>
          {zones.map(({ id, name, clicks }) => (
            <SumFact key={id} of={["zone", id, clicks]} name={name} value={`${signedClicks(clicks)} stop`} />
          ))}
        </View>
      )}
      {edge && <SumText of={["edge"]} title="Sun against shade" words={edgeSentence(edge)} />}
      {tones && (
        <View role="group" aria-label="Whites against faces">
          <Txt>{`White kit and caps in sun. ${facesSentence(tones)}`}</Txt>
          {toneLines(tones).map((line, choice) => (
            <SumFact key={line.name} of={["tone", choice]} {...line} />
          ))}
        </View>
      )}
      {whiteGround !== undefined && <Txt>{snowSentence(whiteGround)}</Txt>}
      <SumText of={["priority"]} title="Aperture priority" words={aperturePrioritySentence(priority)} />
    </View>
  );
}
