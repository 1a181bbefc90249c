import { View } from "react-native";
import { STARTING_SETTINGS, type StartingSettings } from "@/core/catalogue";
import { startsFor, type StartJudged } from "@/core/judge";
import { Row } from "@/ui/controls/Row";
import { Txt } from "@/ui/controls/Txt";
import { ofHundred, settingsWords, stopsNoun, twoFigures, verdictWords } from "@/words";
import { lockRails } from "@/outing/edits";
import { useCommit, useFound, useOuting } from "../../outing/use-outing";

/** Where practice starts from for such a shot, what the two schools do, and how it comes out from this very place. */
export function Starting() {
  const found = useFound((f) => f);
  const input = useOuting((v) => v.input);
  const shotId = useOuting((v) => v.shot.id);
  const commit = useCommit();
  if (!input) return null;
  const { name } = found.motion.held;
  const judged = ({ blurUm, verdict, chance, short }: StartJudged<StartingSettings>): string =>
    [
      `${name} ${verdictWords(verdict)}, ${twoFigures(blurUm / found.motion.deliveredPixelUm)} px`,
      `${ofHundred(chance)} hold`,
      short > 0 ? `${stopsNoun(short)} short of light` : "light enough",
    ].join("; ");
  return (
    <View>
      {startsFor(input, STARTING_SETTINGS).map((start) => (
        <View key={start.start.id}>
          <Row
            title={`${start.start.discipline}: ${settingsWords(start.settings)}`}
            detail={judged(start)}
            onPress={() =>
              void commit(
                lockRails(shotId, { shutter: start.settings.shutter, aperture: start.settings.aperture }),
              )
            }
          />
          {start.start.schools?.map((school) => (
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
