import { View } from "react-native";
import { bearingTo, planDistance } from "@/core/ground";
import type { LitPlace } from "@/core/judge";
import { lightPlanOf } from "@/data";
import type { OutingView } from "@/outing/outing-view";
import { searchedArea } from "@/outing/searched-area";
import { Button } from "@/ui/controls/Button";
import { Txt } from "@/ui/controls/Txt";
import { bearingWords, clicksWords, evWords, metresWords, percentWords } from "@/words";
import { useOpenOuting, useOuting } from "../../outing/use-outing";
import { wallOf } from "../shot/titles";
import { lightHolds, useOnPlan, type LightMap } from "./on-plan";
import { useRun } from "../../outing/use-run";

/** Places of the map: coarse enough to be read at a glance. */
const PLACES = 240;

function againstSpot(ev: number, { ev: here }: LitPlace): string {
  const clicks = Math.round(3 * (here - ev));
  return clicks === 0
    ? "as at the spot"
    : `${clicksWords(Math.abs(clicks))} ${clicks > 0 ? "brighter" : "darker"}`;
}

/** What is to be mapped: the ground about, at the minute in hand, as the position in hand sees the subject. */
function asked({ outing, position, spot, subject, at }: OutingView) {
  if (!position) return undefined;
  const area = [searchedArea(outing.ground, spot.id, planDistance(position.at, spot.at))];
  const [xs, ys] = [area.flat().map((p) => p.x), area.flat().map((p) => p.y)];
  const size = (Math.max(...xs) - Math.min(...xs)) * (Math.max(...ys) - Math.min(...ys));
  const step = Math.max(0.25, Math.sqrt(size / PLACES));
  return { ground: outing.ground, light: lightPlanOf(outing), at, subject, position, spot, area, step };
}

/** Hot and dark places of the whole ground, in clicks against the spot, before one walks round with a meter. */
export function LightOver() {
  const { store } = useOpenOuting();
  const at = useOuting((v) => v.at);
  const outing = useOuting((v) => v.outing);
  const { light, setLight } = useOnPlan();
  const { state, start: begin, stop } = useRun<void>();
  const start = (): void => {
    const { view } = store.getState();
    const input = asked(view);
    const ev = view.found?.light.ev.value;
    if (!input || ev === undefined) return;
    void begin("lightOver", input, (lit) =>
      setLight({ outingId: view.outing.id, at: input.at, step: input.step, lit, ev }),
    );
  };
  const shown = light && light.outingId === outing.id ? light : undefined;
  return (
    <View className="gap-2">
      {shown && shown.lit.length > 0 && <Told map={shown} />}
      {shown && !lightHolds(shown, outing.id, at) && (
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
  const ranked = map.lit.toSorted((a, b) => b.ev - a.ev);
  const where = (place: LitPlace): string =>
    `${againstSpot(map.ev, place)}, ${metresWords(planDistance(spot.at, place.at))} away toward ${bearingWords(bearingTo(spot.at, place.at))}`;
  const lines = [
    ["At the spot", `${evWords(map.ev)} at ${wallOf({ outing }, map.at)}`],
    ["Brightest", where(ranked[0]!)],
    ["Darkest", where(ranked.at(-1)!)],
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
