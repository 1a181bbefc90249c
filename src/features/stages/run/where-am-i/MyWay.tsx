import { View } from "react-native";
import type { Point } from "@/core/ground";
import type { Outing } from "@/data";
import type { WayThere } from "@/answers/run/where-am-i";
import { useSize } from "@/ui/layout/use-size";
import { GroundSketch } from "../../../outing/GroundSketch";
import { MyPlace } from "../../ground/drawing/MyPlace";
import { WayLine } from "../../ground/drawing/WayLine";

const HEIGHT = 240;

interface Props {
  readonly outing: Outing;
  readonly at: Point;
  readonly accuracy: number;
  readonly way: WayThere | undefined;
}

/** The ground with where one is, and the way that is walked. */
export function MyWay({ outing, at, accuracy, way }: Props) {
  const [size, onLayout] = useSize();
  const legs = way && way.kind !== "there" ? way.way : [];
  return (
    <View onLayout={onLayout} role="img" aria-label="My place on the plan" style={{ height: HEIGHT }}>
      {size && (
        <GroundSketch
          outing={outing}
          size={{ width: size.width, height: HEIGHT }}
          over={(view) => (
            <>
              {legs.length > 1 && <WayLine view={view} way={legs} />}
              <MyPlace view={view} at={at} accuracy={accuracy} />
            </>
          )}
        />
      )}
    </View>
  );
}
