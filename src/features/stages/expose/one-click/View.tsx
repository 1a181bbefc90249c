import { View } from "react-native";
import { clickNoiseEqual } from "@/answers/expose/one-click";
import { Row } from "@/ui/controls/Row";
import { Txt } from "@/ui/controls/Txt";
import { apexSentence, clickDoes, clickTo, halfStopsSentence, noiseSentence, settingsWords } from "@/words";
import { SumText } from "../../reasons/SumText";
import { lockRails } from "@/outing/edits";
import { useCommit, useFound, useOuting } from "../../../outing/use-outing";

/** What one click of each rail does, the noise of the picture, and the settings of the same exposure. */
export function OneClick() {
  const found = useFound((f) => f);
  const answer = useOuting(clickNoiseEqual);
  const choice = useOuting((v) => v.choice);
  const commit = useCommit();
  if (!answer) return null;
  const { settings } = found.settings;
  const hold = (locked: typeof choice.locked): void => void commit(lockRails(choice.shotId, locked));
  return (
    <View className="gap-3">
      <View>
        {answer.clicks.map((click) => (
          <Row
            key={clickTo(click)}
            title={clickTo(click)}
            detail={clickDoes(click, found.motion.deliveredPixelUm)}
            onPress={() => hold({ ...choice.locked, [click.rail]: click.settings[click.rail] })}
          />
        ))}
      </View>
      <SumText
        of={["belowFullFrame"]}
        title="Light against a whole 36×24"
        words={noiseSentence(answer.noise)}
      />
      <SumText of={["halves"]} title="In halves" words={halfStopsSentence(answer.halves)} />
      <SumText
        of={["evOfSettings"]}
        title="EV of these settings"
        words={apexSentence(answer.exact)}
        tone="ink2"
      />
      <View role="group" aria-label="The same exposure">
        <Txt weight={700} role="heading" aria-level={4}>
          The same exposure
        </Txt>
        {answer.equal.map((s) => (
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
