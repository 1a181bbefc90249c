import { View } from "react-native";
import { starting } from "@/answers/expose/practice-starts";
import type { StartAt } from "@/core/judge";
import { Button } from "@/ui/controls/Button";
import { Row } from "@/ui/controls/Row";
import { Txt } from "@/ui/controls/Txt";
import {
  apertureWords,
  keptWords,
  knownWords,
  percentWords,
  settingsWords,
  shutterWords,
  stopsNoun,
  twoFigures,
} from "@/words";
import { sameValue } from "@/data";
import { lockRails } from "@/outing/edits";
import { useCommit, useFound, useOuting } from "../../../outing/use-outing";

const WHEN = { inTheDark: "When it gets dark", inTheLight: "With light to spare" } as const;
/** The same on a button of the narrowest phone. */
const SHORT = { inTheDark: "Dark", inTheLight: "Bright" } as const;

/** Where practice starts from for such a shot, what the two schools do, and how it comes out from this very place. */
export function Starting() {
  const found = useFound((f) => f);
  const starts = useOuting(starting);
  const shotId = useOuting((v) => v.shot.id);
  const commit = useCommit();
  const { name } = found.motion.held;
  const hold = ({ settings: { shutter, aperture } }: StartAt): void =>
    void commit(lockRails(shotId, { shutter, aperture }));
  const judged = ({ blurUm, chance, short }: StartAt): string =>
    [
      `${name} ${keptWords(chance)}, ${twoFigures(blurUm / found.motion.deliveredPixelUm)} px`,
      short > 0 ? `${stopsNoun(short)} short of light` : "light enough",
    ].join("; ");
  return (
    <View>
      {starts.map((start) => (
        <View key={`${start.start.own} ${start.start.id}`}>
          <Row
            title={`${start.start.own ? "Yours, " : ""}${start.start.discipline}: ${settingsWords(start.settings)}`}
            detail={judged(start)}
            onPress={() => hold(start)}
          />
          <View className="flex-row flex-wrap gap-2 py-2">
            {(["inTheDark", "inTheLight"] as const)
              .filter((when) => !sameValue(start[when].settings, start.settings))
              .map((when) => {
                const { shutter, aperture } = start[when].settings;
                const set = `${shutterWords(shutter)}, ${apertureWords(aperture)}`;
                return (
                  <Button
                    key={when}
                    label={`${SHORT[when]} ${set}: ${percentWords(start[when].chance)}`}
                    says={`${WHEN[when]} ${set}: ${judged(start[when])}`}
                    onPress={() => hold(start[when])}
                  />
                );
              })}
          </View>
          {start.start.own && (
            <Txt size={14} tone="ink2">
              {knownWords(start.start)}
            </Txt>
          )}
          {("schools" in start.start ? (start.start.schools ?? []) : []).map((school) => (
            <Txt key={school} size={14} tone="ink2" className="py-1">
              {`Some: ${school}.`}
            </Txt>
          ))}
        </View>
      ))}
      <Txt size={14} tone="ink2" className="pt-2">
        Common practice, no source; a press holds its shutter and aperture here.
      </Txt>
    </View>
  );
}
