import { View } from "react-native";
import { Circle, G, Path } from "react-native-svg";
import type { SightingDrawn, YearMark } from "@/answers/places/year";
import type { Place } from "@/data";
import { useSize } from "@/ui/layout/use-size";
import { NumberTag } from "@/ui/plan/NumberTag";
import { toScreen } from "@/ui/plan/view";
import { useTokens } from "@/ui/theme/theme";
import { GroundSketch } from "../outing/GroundSketch";

const HEIGHT = 280;
const TAG = 10;
/** Px between marks of one spot. */
const STEP = 2 * TAG + 6;

/** Px of the arrow into the wind. */
const ARROW = 16;
const HEAD = 5;

interface Props {
  readonly place: Place;
  readonly drawn: readonly SightingDrawn[];
  readonly marks: readonly YearMark[];
}

/** The place with what was seen there, years over one another: the number is its row in the calendar, nests with what is kept off them. */
export function SightingsOnPlan({ place, drawn, marks }: Props) {
  const [size, onLayout] = useSize();
  const { water, bracken, ink } = useTokens();
  const rows = [...new Set(marks.map((m) => m.row))];
  const others = marks.find((m) => m.what === "others")?.row ?? "";
  const numberOf = (name: string, what: string): number =>
    (rows.includes(`${what} ${name}`) ? rows.indexOf(`${what} ${name}`) : rows.indexOf(others)) + 1;
  return (
    <View
      onLayout={onLayout}
      role="img"
      aria-label={`Plan of ${place.name} with ${drawn.length} sightings`}
      style={{ height: HEIGHT }}
    >
      {size && (
        <GroundSketch
          room={2 * TAG}
          outing={place}
          size={{ width: size.width, height: HEIGHT }}
          over={(view) => {
            const beside = new Map<string, number>();
            return drawn.map(({ sighting, at, years, isLatest, keepOff }) => {
              const { left, top } = toScreen(view, at);
              const key = `${at.x} ${at.y}`;
              const n = beside.get(key) ?? 0;
              beside.set(key, n + 1);
              // What was seen at one spot stands in a fan beside it.
              const [x, y] = [left + (n % 3) * STEP, top - Math.floor(n / 3) * STEP];
              const number = numberOf(sighting.name, sighting.what);
              return (
                <G key={sighting.id}>
                  {keepOff !== undefined && (
                    <Circle
                      cx={left}
                      cy={top}
                      r={Math.max(TAG, keepOff * view.pxPerMetre)}
                      fill="none"
                      stroke={bracken}
                      strokeWidth={2}
                      strokeDasharray="6 4"
                    />
                  )}
                  {years > 1 && (
                    <Circle cx={x} cy={y} r={TAG + 3} fill="none" stroke={water} strokeWidth={1.5} />
                  )}
                  {sighting.wind && (
                    <Path
                      d={arrowInto(x, y, sighting.wind.from - view.up)}
                      fill="none"
                      stroke={ink}
                      strokeWidth={2.5}
                    />
                  )}
                  <NumberTag left={x} top={y} radius={TAG} words={String(number)} isFilled={isLatest} />
                </G>
              );
            });
          }}
        />
      )}
    </View>
  );
}

/** An arrow from the rim of a mark the way that wings land and leave: into the wind, degrees clockwise from the plan's up. */
function arrowInto(x: number, y: number, turn: number): string {
  const at = (degrees: number, px: number): readonly [number, number] => {
    const angle = (degrees * Math.PI) / 180;
    return [Math.sin(angle) * px, -Math.cos(angle) * px];
  };
  const [fromX, fromY] = at(turn, TAG);
  const [toX, toY] = at(turn, TAG + ARROW);
  const barbs = [turn + 150, turn - 150].map((side) => at(side, HEAD + 2));
  const px = (n: number): string => n.toFixed(1);
  const tip = `${px(x + toX)} ${px(y + toY)}`;
  return [
    `M${px(x + fromX)} ${px(y + fromY)}L${tip}`,
    ...barbs.map(([dx, dy]) => `M${tip}l${px(dx)} ${px(dy)}`),
  ].join("");
}
