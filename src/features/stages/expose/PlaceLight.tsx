import { View } from "react-native";
import { meterSees } from "@/core/catalogue";
import { meterCompensation } from "@/core/exposure";
import { nextSunset } from "@/core/light";
import { aperturePriority, lightFor, shadowEdge, tonesFound, whenRight } from "@/core/judge";
import { FactLine } from "@/ui/controls/FactLine";
import { Txt } from "@/ui/controls/Txt";
import {
  aperturePrioritySentence,
  edgeSentence,
  facesSentence,
  settingsWords,
  snowSentence,
  toneLines,
  zoneLines,
} from "@/words";
import { useFound, useOuting } from "../../outing/use-outing";
import { spansWords, wallOf } from "../shot/titles";

/** The light of the place: how long these settings stay right, zones, a shadow's edge, whites against faces, aperture priority. */
export function PlaceLight() {
  const found = useFound((f) => f);
  const input = useOuting((v) => v.input);
  const outing = useOuting((v) => v.outing);
  const timeline = useOuting((v) => v.timeline);
  if (!input) return null;
  const { settings } = found.settings;
  const right = whenRight(timeline, lightFor(found, settings));
  const edge = shadowEdge(found);
  const tones = tonesFound(input, found);
  const { surface } = found.light;
  const white = surface === "snow" || surface === "ice" ? surface : undefined;
  const sunset = nextSunset(found.at, outing.ground.anchor);
  const zones = zoneLines(outing.ground.zones);
  return (
    <View className="gap-3">
      <FactLine name={`${settingsWords(settings)} are right`} value={spansWords({ outing }, right)} />
      {sunset.ok && (
        <FactLine name="Next sunset, over a level horizon" value={wallOf({ outing }, sunset.value)} />
      )}
      {zones.length > 0 && (
        <View>
          {zones.map(({ name, value }) => (
            <FactLine key={name} name={name} value={value} />
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
      {white && <Txt>{snowSentence(Math.round(3 * meterCompensation(meterSees(white).reflectance)))}</Txt>}
      <Txt>{aperturePrioritySentence(aperturePriority(found))}</Txt>
    </View>
  );
}
