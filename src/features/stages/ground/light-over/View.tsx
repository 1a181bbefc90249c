import { View } from "react-native";
import { endsOfLight, lightAsked, type PlaceAgainst } from "@/answers/ground/light-over";
import { Button } from "@/ui/controls/Button";
import { Txt } from "@/ui/controls/Txt";
import { bearingWords, clicksWords, evWords, metresWords, percentWords } from "@/words";
import { useOpenOuting, useOuting } from "../../../outing/use-outing";
import { wallOf } from "../../shot/titles";
import { lightHolds, onPlan, type LightMap } from "../drawing/on-plan";
import { useRun } from "../../../outing/use-run";

const againstSpot = ({ clicks, metres, bearing }: PlaceAgainst): string => {
  const light =
    clicks === 0
      ? "as at the spot"
      : `${clicksWords(Math.abs(clicks))} ${clicks > 0 ? "brighter" : "darker"}`;
  return `${light}, ${metresWords(metres)} away toward ${bearingWords(bearing)}`;
};

/** Hot and dark places of the whole ground, in clicks against the spot, before one walks round with a meter. */
export function LightOver() {
  const { store } = useOpenOuting();
  const at = useOuting((v) => v.at);
  const outing = useOuting((v) => v.outing);
  const { light: shown, setLight } = onPlan.useSlice((s) => s);
  const { state, start: begin, stop } = useRun<void>();
  const start = (): void => {
    const { view } = store.getState();
    const input = lightAsked(view);
    const ev = view.found?.light.ev;
    if (!input || ev === undefined) return;
    void begin("lightOver", input, (lit) => setLight({ at: input.at, step: input.step, lit, ev }));
  };
  return (
    <View className="gap-2">
      {shown && shown.lit.length > 0 && <Told map={shown} />}
      {shown && !lightHolds(shown, at) && (
        <Txt
          size={14}
          tone="ink2"
        >{`Mapped for ${wallOf({ outing }, shown.at)}; not drawn at another time.`}</Txt>
      )}
      {!shown && (
        <Txt size={14} tone="ink2">
          The light at the height of this spot, all over the ground, as the position in hand sees it: steps in
          clicks against the spot.
        </Txt>
      )}
      {state.kind === "failed" && (
        <Txt tone="bracken">This browser could not work it out beside the page.</Txt>
      )}
      <View className="flex-row flex-wrap gap-2">
        {state.kind === "running" ? (
          <Button label={`Stop, ${percentWords(state.share)} done`} onPress={stop} />
        ) : (
          <Button label={`Map the light at ${wallOf({ outing }, at)}`} onPress={start} />
        )}
        {shown && <Button label="Take it off the plan" kind="plain" onPress={() => setLight(undefined)} />}
      </View>
    </View>
  );
}

/** The hottest and the darkest place of a map, and where they are from the spot. */
function Told({ map }: { map: LightMap }) {
  const outing = useOuting((v) => v.outing);
  const spot = useOuting((v) => v.spot);
  const { brightest, darkest } = endsOfLight(map.lit, map.ev, spot.at);
  const lines = [
    ["At the spot", `${evWords(map.ev)} at ${wallOf({ outing }, map.at)}`],
    ["Brightest", againstSpot(brightest)],
    ["Darkest", againstSpot(darkest)],
  ] as const;
  return (
    <View role="list" aria-label="Light over the ground">
      {lines.map(([title, words]) => (
        <View key={title} role="listitem" className="flex-row gap-3 border-b border-line py-1">
          <Txt weight={600} className="w-[96px]">
            {title}
          </Txt>
          <Txt className="min-w-0 flex-1">{words}</Txt>
        </View>
      ))}
    </View>
  );
}
