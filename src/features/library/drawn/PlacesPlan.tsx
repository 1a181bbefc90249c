import { View } from "react-native";
import { Circle } from "react-native-svg";
import type { PlacesOnPlan } from "@/answers/library/places-on-plan";
import { useSize } from "@/ui/layout/use-size";
import { NumberTag } from "@/ui/plan/NumberTag";
import { toScreen } from "@/ui/plan/view";
import { useTokens } from "@/ui/theme/theme";
import { GroundSketch } from "../../outing/GroundSketch";

const HEIGHT = 300;
const TAG = 14;

interface Props {
  readonly plan: PlacesOnPlan;
  /** The place that is told, filled. */
  readonly chosen?: string;
}

/** A ground with where the trade stands for a subject there, by number; the subject is the full dot. */
export function PlacesPlan({ plan: { outing, subject, places }, chosen }: Props) {
  const [size, onLayout] = useSize();
  const { ink } = useTokens();
  const [spot] = outing.ground.spots;
  const positions = places.map(({ place, at, lensHeight }) => ({
    id: place.id,
    name: place.situation,
    at,
    lensHeight,
  }));
  return (
    <View
      onLayout={onLayout}
      role="img"
      aria-label={`Plan with ${subject.name} and ${places.map(({ place }, i) => `${i + 1}, ${place.situation}`).join("; ")}`}
      style={{ height: HEIGHT }}
    >
      {size && (
        <GroundSketch
          room={TAG + 6}
          outing={{ ground: { ...outing.ground, positions }, light: outing.light }}
          size={{ width: size.width, height: HEIGHT }}
          over={(view) => {
            const at = toScreen(view, spot!.at);
            return (
              <>
                <Circle cx={at.left} cy={at.top} r={8} fill={ink} />
                {positions.map(({ id, at: stands }, i) => {
                  const { left, top } = toScreen(view, stands);
                  return (
                    <NumberTag
                      key={id}
                      left={left}
                      top={top}
                      radius={TAG}
                      words={String(i + 1)}
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
