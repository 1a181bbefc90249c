import { View } from "react-native";
import { waysOfView, type Ways, type WayToTake } from "@/answers/expose/ways";
import type { Assessment } from "@/core/judge";
import type { OutingView } from "@/outing/outing-view";
import { Row } from "@/ui/controls/Row";
import {
  apertureWords,
  clicksAsStops,
  heldWayWords,
  isoWords,
  keptWords,
  sacrificeWords,
  settingsWords,
  shutterWords,
  signedStops,
  stopsNoun,
  twoFigures,
} from "@/words";
import { lockRails } from "@/outing/edits";
import { useCommit, useFound, useOpenOuting, useOuting } from "../../../outing/use-outing";
import { SumText } from "../../reasons/SumText";

/** Whether the light is short of what the shot asks. */
export const isShort = ({ found }: OutingView): boolean => (found?.settings.short ?? 0) > 0;

/** What a way out costs, in words. */
function priceOf(way: WayToTake, found: Assessment): string {
  if (way.held) return heldWayWords(way.held);
  if (way.clicks === 0)
    return {
      lift: "you allow none",
      aperture: "the lens opens no wider",
      shutter: "no slower shutter to go to",
      iso: "no higher ISO to go to",
    }[way.kind];
  const part = way.left > 0 ? `; ${stopsNoun(way.left)} still missing` : "";
  if (way.kind === "lift") return `noise +${twoFigures(way.noiseStops)}${part}`;
  if (way.kind === "iso") return `past your ceiling; noise +${twoFigures(way.noiseStops)}${part}`;
  if (way.kind === "aperture") return `less depth${part}`;
  return `${found.motion.held.name} ${keptWords(way.chance)}${part}`;
}

function nameOf(way: WayToTake): string {
  if (way.clicks === 0) return sacrificeWords(way.kind);
  if (way.kind === "lift") return `Push by ${clicksAsStops(way.clicks)} in post`;
  if (way.kind === "shutter") return shutterWords(way.settings.shutter);
  return way.kind === "aperture" ? apertureWords(way.settings.aperture) : isoWords(way.settings.iso);
}

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
          size={18}
          weight={700}
          tone={missing > 0 ? "bracken" : "ink"}
        />
      </View>
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
