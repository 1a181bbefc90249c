import { View } from "react-native";
import { equalExposures, exactSettings, onHalfStops } from "@/core/exposure";
import { noiseFound, oneClick } from "@/core/judge";
import { Row } from "@/ui/controls/Row";
import { Txt } from "@/ui/controls/Txt";
import { apexSentence, clickDoes, clickTo, halfStopsSentence, noiseSentence, settingsWords } from "@/words";
import { lockRails } from "@/outing/edits";
import { useCommit, useFound, useOuting } from "../../outing/use-outing";

/** A stop apart, so that the list stays short. */
const EVERY = 3;

/** What one click of each rail does, the noise of the picture, and the settings of the same exposure. */
export function OneClick() {
  const found = useFound((f) => f);
  const input = useOuting((v) => v.input);
  const choice = useOuting((v) => v.choice);
  const commit = useCommit();
  if (!input) return null;
  const { settings, rails } = found.settings;
  const hold = (locked: typeof choice.locked): void => void commit(lockRails(choice.shotId, locked));
  const equal = equalExposures(settings, {
    fastestShutter: rails.shutter.last,
    isoFloor: rails.iso.from,
    isoCeiling: rails.iso.to,
  }).filter((s) => (s.shutter - settings.shutter) % EVERY === 0);
  return (
    <View className="gap-3">
      <View>
        {oneClick(input, found).map((click) => (
          <Row
            key={clickTo(click)}
            title={clickTo(click)}
            detail={clickDoes(click, found.motion.deliveredPixelUm)}
            onPress={() => hold({ ...choice.locked, [click.rail]: click.settings[click.rail] })}
          />
        ))}
      </View>
      <Txt>{noiseSentence(noiseFound(input, found, settings.iso))}</Txt>
      <Txt>{halfStopsSentence(onHalfStops(settings))}</Txt>
      <Txt tone="ink2">{apexSentence(exactSettings(settings))}</Txt>
      <View role="group" aria-label="The same exposure">
        <Txt weight={700} role="heading" aria-level={4}>
          The same exposure
        </Txt>
        {equal.map((s) => (
          <Row
            key={s.shutter}
            title={settingsWords(s)}
            chosen={s.shutter === settings.shutter}
            onPress={() => hold({ shutter: s.shutter, aperture: s.aperture })}
          />
        ))}
      </View>
    </View>
  );
}
