import { View } from "react-native";
import { waysOfView, type Ways } from "@/answers/expose/ways";
import type { OutingView } from "@/outing/outing-view";
import { Row } from "@/ui/controls/Row";
import { settingsWords, signedStops, stopsNoun } from "@/words";
import { lockRails } from "@/outing/edits";
import { Late } from "../../../layout/Late";
import { useCommit, useFound, useOpenOuting, useOuting } from "../../../outing/use-outing";
import { SumText } from "../../reasons/SumText";
import { nameOf, priceOf } from "./way-words";

/** Whether the light is short of what the shot asks. */
export const isShort = ({ found }: OutingView): boolean => (found?.settings.short ?? 0) > 0;

const loadPictures = async () => (await import("./WayPictures")).WayPictures;

/** When the light has gone: each way out with its price, in the user's order; a press takes it. */
export function WaysOut() {
  const found = useFound((f) => f);
  const answer = useOuting(waysOfView);
  const shotId = useOuting((v) => v.shot.id);
  const commit = useCommit();
  if (!answer) return null;
  const { short, missing, ways, thirdUnder, brighter } = answer;
  const { taken } = found.settings;
  return (
    <View>
      <View role="heading" aria-level={3}>
        <SumText
          of={missing > 0 ? "missing" : "short"}
          title={missing > 0 ? "Still missing" : "Short"}
          words={
            missing > 0
              ? `${stopsNoun(missing)} still missing. Ways out`
              : `${stopsNoun(short)} short. Ways out`
          }
          size={20}
          weight={700}
          tone={missing > 0 ? "bracken" : "ink"}
        />
      </View>
      <Late load={loadPictures} waiting="One moment">
        {(WayPictures) => <WayPictures />}
      </Late>
      {ways.map((way) => {
        const used = taken.find((t) => t.kind === way.kind);
        const { holds } = way;
        return (
          <Row
            key={way.kind}
            title={nameOf(way)}
            detail={priceOf(way, found)}
            value={used ? `used: ${stopsNoun(used.clicks)}` : way.left === 0 ? "enough" : "not enough"}
            valueTone={used ? "moss" : way.left === 0 ? "ink2" : "bracken"}
            onPress={() => holds && void commit(lockRails(shotId, holds))}
          />
        );
      })}
      {thirdUnder && (
        <Row
          title={settingsWords(thirdUnder)}
          detail="A third under your ceiling, a click slower: cleaner, as some prefer"
          onPress={() =>
            void commit(lockRails(shotId, { shutter: thirdUnder.shutter, aperture: thirdUnder.aperture }))
          }
        />
      )}
      <Brighter brighter={brighter} />
    </View>
  );
}

/** The positions with more light on the subject. */
function Brighter({ brighter }: Pick<Ways, "brighter">) {
  const { standAt } = useOpenOuting();
  return brighter.map(({ id, name, stops }) => (
    <Row
      key={id}
      title={`Go to ${name}`}
      value={`${signedStops(stops)} stops of light`}
      onPress={() => standAt(id)}
    />
  ));
}
