import { View } from "react-native";
import { placeLight } from "@/answers/expose/place-light";
import { FactLine } from "@/ui/controls/FactLine";
import { Txt } from "@/ui/controls/Txt";
import {
  aperturePrioritySentence,
  edgeSentence,
  facesSentence,
  modeSentence,
  settingsWords,
  signedClicks,
  snowSentence,
  toneLines,
} from "@/words";
import { useFound, useOuting } from "../../../outing/use-outing";
import { spansWords, wallOf } from "../../shot/titles";

/** The light of the place: how long these settings stay right, zones, a shadow's edge, whites against faces, aperture priority. */
export function PlaceLight() {
  const answer = useOuting(placeLight);
  const settings = useFound((f) => f.settings.settings);
  const outing = useOuting((v) => v.outing);
  if (!answer) return null;
  const { advice, right, sunset, zones, edge, tones, whiteGround, priority } = answer;
  return (
    <View className="gap-3">
      <Txt size={18} weight={600}>
        {modeSentence(advice)}
      </Txt>
      <FactLine name={`${settingsWords(settings)} are right`} value={spansWords({ outing }, right)} />
      {sunset !== undefined && (
        <FactLine name="Next sunset, over a level horizon" value={wallOf({ outing }, sunset)} />
      )}
      {zones.length > 0 && (
        <View>
          {zones.map(({ id, name, clicks }) => (
            <FactLine key={id} name={name} value={`${signedClicks(clicks)} stop`} />
          ))}
        </View>
      )}
      {edge && <Txt>{edgeSentence(edge)}</Txt>}
      {tones && (
        <View role="group" aria-label="Whites against faces">
          <Txt>{`White kit and caps in sun. ${facesSentence(tones)}`}</Txt>
          {toneLines(tones).map(({ name, value }) => (
            <FactLine key={name} name={name} value={value} />
          ))}
        </View>
      )}
      {whiteGround !== undefined && <Txt>{snowSentence(whiteGround)}</Txt>}
      <Txt>{aperturePrioritySentence(priority)}</Txt>
    </View>
  );
}
