import { View } from "react-native";
import { starting, type Start } from "@/answers/expose/practice-starts";
import type { StartJudged } from "@/core/judge";
import { Row } from "@/ui/controls/Row";
import { Txt } from "@/ui/controls/Txt";
import { keptWords, settingsWords, stopsNoun, twoFigures } from "@/words";
import { lockRails } from "@/outing/edits";
import { useCommit, useFound, useOuting } from "../../../outing/use-outing";

/** Where practice starts from for such a shot, what the two schools do, and how it comes out from this very place. */
export function Starting() {
  const found = useFound((f) => f);
  const starts = useOuting(starting);
  const shotId = useOuting((v) => v.shot.id);
  const commit = useCommit();
  const { name } = found.motion.held;
  const judged = ({ blurUm, chance, short }: StartJudged<Start>): string =>
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
            onPress={() =>
              void commit(
                lockRails(shotId, { shutter: start.settings.shutter, aperture: start.settings.aperture }),
              )
            }
          />
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
