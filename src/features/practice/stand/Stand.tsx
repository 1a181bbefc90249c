import { useMemo, useState } from "react";
import { View } from "react-native";
import { Circle, Line, Path } from "react-native-svg";
import { lossOf, neverAbout, standAsked, standPictures, type StandPlace } from "@/answers/practice/stand";
import { Button } from "@/ui/controls/Button";
import { Message } from "@/ui/controls/Message";
import { Txt } from "@/ui/controls/Txt";
import { useHotkeys } from "@/ui/layout/use-hotkeys";
import { useSize } from "@/ui/layout/use-size";
import { NumberTag } from "@/ui/plan/NumberTag";
import { toScreen } from "@/ui/plan/view";
import { useTokens } from "@/ui/theme/theme";
import { percentWords } from "@/words";
import { GroundSketch } from "../../outing/GroundSketch";
import type { DrillProps } from "../played-on";
import { Outcome } from "../Outcome";
import { TwoPictures } from "../TwoPictures";
import { useDrill } from "../use-drill";
import { figureOf } from "@/answers/frame/figure-of";

const COUNT = 6;
const HEIGHT = 300;

/** One of four places on the plan, with sun, background and danger; scored by the judge, with the two pictures beside it. */
export function StandDrill({ view }: DrillProps) {
  const run = useDrill("stand", COUNT);
  const [chosen, setChosen] = useState<string>();
  const n = run.tries.length - (chosen === undefined ? 0 : 1);
  const places = useMemo(() => standAsked(view, (run.seed + n) >>> 0), [view, run.seed, n]);
  const answer = (place: StandPlace | undefined): void => {
    if (!place || chosen !== undefined || run.isOver) return;
    setChosen(place.id);
    run.add(lossOf(places, place.id));
  };
  const next = (): void => setChosen(undefined);
  useHotkeys({
    "1": () => answer(places[0]),
    "2": () => answer(places[1]),
    "3": () => answer(places[2]),
    "4": () => answer(places[3]),
    Enter: () => void (chosen !== undefined && next()),
  });
  if (places.length === 0)
    return (
      <Message title="Nothing to choose from" body="Choose another shot, or plan this one from a position." />
    );
  const best = places.toSorted((a, b) => (b.score ?? -1) - (a.score ?? -1))[0]!;
  const mine = places.find((p) => p.id === chosen);
  const isDone = run.isOver && chosen === undefined;
  return (
    <View className="gap-3">
      {!isDone && (
        <>
          <Txt size={20} weight={600}>{`From where would you take “${view.shot.name}”?`}</Txt>
          <PlacesOnPlan view={view} places={places} chosen={chosen} />
          <Txt size={14} tone="ink2">
            The full dot faces along its line; the thick stroke is where the sun stands. Struck through:
            nobody stands there.
          </Txt>
          <View role="list" aria-label="Places" className="flex-row flex-wrap gap-2">
            {places.map((place) => (
              <View key={place.id} role="listitem">
                <Button
                  label={
                    chosen === undefined
                      ? place.position.name
                      : `${place.position.name}: ${place.score === undefined ? "ruled out" : percentWords(place.score)}`
                  }
                  says={`Place ${place.position.name}`}
                  kind={place.id === chosen ? "filled" : "outlined"}
                  onPress={() => answer(place)}
                />
              </View>
            ))}
          </View>
          {mine && (
            <>
              <View className="flex-row items-center gap-3" role="status">
                <Txt className="min-w-0 flex-1" weight={600}>
                  {mine.id === best.id
                    ? "The best of the four"
                    : mine.score === undefined
                      ? `Nobody may stand there for it, or it gives no picture; ${best.position.name} is the best of the four`
                      : `${percentWords(lossOf(places, mine.id))} less than from ${best.position.name}`}
                </Txt>
                <Button label={run.isOver ? "What it says" : "Next"} kind="filled" onPress={next} />
              </View>
              <TwoPictures
                pictures={standPictures(view, [mine, best], (seen) => figureOf(seen))}
                labels={
                  mine.score === undefined
                    ? [`From ${best.position.name}`]
                    : [`From ${mine.position.name}, yours`, `From ${best.position.name}, the best`]
                }
                of={`${run.seed} ${n} ${mine.id}`}
              />
            </>
          )}
        </>
      )}
      {(isDone || !run.isOver) && <Outcome drill="stand" of={run} count={COUNT} />}
    </View>
  );
}

/** A cell in which nobody may stand: a stroke across it. */
const crossAt = ({ left, top }: { readonly left: number; readonly top: number }, px: number): string =>
  `M${(left - px / 2).toFixed(1)} ${(top + px / 2).toFixed(1)}l${px.toFixed(1)} ${(-px).toFixed(1)}`;

const TAG = 14;
/** Px of the arrow that says from where the sun comes. */
const SUN = 26;

/** The ground with the spot, the sun, and the four places by number. */
function PlacesOnPlan({
  view,
  places,
  chosen,
}: DrillProps & { places: readonly StandPlace[]; chosen: string | undefined }) {
  const [size, onLayout] = useSize();
  const { ink, sun: sunTone, bracken } = useTokens();
  const never = useMemo(() => neverAbout(view, places), [view, places]);
  const { outing, spot, scene } = view;
  const ground = { ...outing.ground, positions: places.map((p) => p.position) };
  return (
    <View
      onLayout={onLayout}
      role="img"
      aria-label={`Plan with the spot ${spot.name} and ${places.length} places`}
      style={{ height: HEIGHT }}
    >
      {size && (
        <GroundSketch
          room={TAG + 6}
          outing={{ ground, light: outing.light }}
          withThings
          size={{ width: size.width, height: HEIGHT }}
          over={(plan) => {
            const at = toScreen(plan, spot.at);
            const isUp = scene.sun.apparentAltitude > 0 && !outing.light.roof;
            const turn = ((scene.sun.azimuth - plan.up) * Math.PI) / 180;
            const facing = ((spot.facing - plan.up) * Math.PI) / 180;
            const [dx, dy] = [Math.sin(turn), -Math.cos(turn)];
            return (
              <>
                <Path
                  d={never
                    .map(({ at: middle, side }) => crossAt(toScreen(plan, middle), side * plan.pxPerMetre))
                    .join("")}
                  stroke={bracken}
                  strokeWidth={1.5}
                  opacity={0.5}
                />
                <Line
                  x1={at.left}
                  y1={at.top}
                  x2={at.left + 2 * SUN * Math.sin(facing)}
                  y2={at.top - 2 * SUN * Math.cos(facing)}
                  stroke={ink}
                  strokeWidth={3}
                />
                {isUp && (
                  <Line
                    x1={at.left + dx * 3 * SUN}
                    y1={at.top + dy * 3 * SUN}
                    x2={at.left + dx * SUN}
                    y2={at.top + dy * SUN}
                    stroke={sunTone}
                    strokeWidth={6}
                    strokeLinecap="round"
                  />
                )}
                <Circle cx={at.left} cy={at.top} r={9} fill={ink} />
                {places.map(({ id, position }) => {
                  const { left, top } = toScreen(plan, position.at);
                  return (
                    <NumberTag
                      key={id}
                      left={left}
                      top={top}
                      radius={TAG}
                      words={position.name}
                      isFilled={id === chosen}
                    />
                  );
                })}
              </>
            );
          }}
        />
      )}
    </View>
  );
}
