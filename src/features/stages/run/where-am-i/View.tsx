import { useState } from "react";
import { View } from "react-native";
import { turnTo, wayThere, whereOnPlan, type WayThere } from "@/answers/run/where-am-i";
import { officialAt } from "@/answers/plan/venue";
import { paceOf } from "@/outing/pace";
import { nowAndNext } from "@/outing/programme/order";
import { Button } from "@/ui/controls/Button";
import { Picker } from "@/ui/controls/Picker";
import { Txt } from "@/ui/controls/Txt";
import { absentSentence } from "@/words/device";
import { awayWords, stepWords, withinWords } from "@/words/where";
import { usePlace } from "../../../device/place";
import type { Fix } from "../../../device/port";
import { useDevice } from "../../../device/use-device";
import { useOuting } from "../../../outing/use-outing";
import { useSteps } from "../programme-in-order/order";
import { MyWay } from "./MyWay";
import { TimedWalk } from "./TimedWalk";
import { WayArrow } from "./WayArrow";

/** Where the device is on the plan, and the way to a position: said before it is asked, kept nowhere. */
export function WhereAmI() {
  const device = useDevice();
  const { on, fix, placeTrouble, start, stop } = usePlace();
  const roof = useOuting((v) => v.outing.light.roof !== undefined);
  return (
    <View className="gap-2" role="group" aria-label="Where am I">
      {!on && (
        <Txt tone="ink2">
          The device is asked where it is until you stop it or close the page. It takes battery; the place is
          kept nowhere and sent to nobody.
        </Txt>
      )}
      {roof && <Txt tone="ink2">Under a roof it is often tens of metres off.</Txt>}
      <Button
        label={on ? "Stop asking where I am" : "Show where I am"}
        kind={on ? "plain" : "outlined"}
        onPress={on ? stop : () => start(device)}
      />
      {placeTrouble && <Txt tone="bracken">{absentSentence("place", placeTrouble)}</Txt>}
      {on && !fix && !placeTrouble && <Txt aria-live="polite">Looking for the place …</Txt>}
      {fix && <Found fix={fix} />}
      <TimedWalk />
    </View>
  );
}

function Found({ fix }: { fix: Fix }) {
  const outing = useOuting((v) => v.outing);
  const pace = useOuting(paceOf);
  const inHand = useOuting((v) => v.position);
  const at = useOuting((v) => v.at);
  const steps = useSteps();
  const [chosen, setChosen] = useState<string>();
  const { positions } = outing.ground;
  const { next, now } = nowAndNext(steps, at);
  const to = positions.find((p) => p.id === chosen) ?? next?.position ?? now?.position ?? inHand;
  const here = whereOnPlan({ outing }, fix);
  if (here.isFar) return <Txt weight={600}>{awayWords(here.away)}</Txt>;
  const way =
    to && wayThere({ ground: outing.ground, pace, from: here.at, accuracy: fix.accuracy, to: to.at });
  return (
    <View className="gap-2">
      <Txt tone="ink2">{withinWords(fix.accuracy)}</Txt>
      {positions.length > 0 && (
        <Picker
          label="Walk me to"
          items={positions.map((p) => ({ key: p.id, title: p.name }))}
          chosen={to?.id ?? ""}
          onChoose={setChosen}
        />
      )}
      {to && way && <Walk name={to.name} way={way} />}
      <MyWay outing={outing} at={here.at} accuracy={fix.accuracy} way={way} />
    </View>
  );
}

/** What to do next on the way: an arrow, turned with the device where it tells its heading, metres, and what is crossed. */
function Walk({ name, way }: { name: string; way: WayThere }) {
  const heading = usePlace((s) => s.heading);
  const trouble = usePlace((s) => s.headingTrouble);
  const official = useOuting((v) => officialAt(v.outing.ground.venue));
  const turn = heading === undefined || way.kind === "there" ? undefined : turnTo(way.bearing, heading);
  const said = stepWords(name, way, turn, official);
  return (
    <View className="gap-1">
      <View className="flex-row items-center gap-4" aria-live="polite">
        {way.kind !== "there" && (
          <WayArrow turn={turn ?? way.bearing} north={heading === undefined ? 0 : turnTo(0, heading)} />
        )}
        <View className="min-w-0 flex-1">
          <Txt size={32} weight={700}>
            {said.far}
          </Txt>
          <Txt>{said.toward}</Txt>
        </View>
      </View>
      {said.care && <Txt tone="bracken">{said.care}</Txt>}
      {trouble && heading === undefined && (
        <Txt size={14} tone="ink2">
          {absentSentence("heading", trouble)}
        </Txt>
      )}
    </View>
  );
}
