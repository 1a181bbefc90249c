import { useWindowDimensions, View } from "react-native";
import { frameShape } from "@/answers/frame/picture";
import { useLayout } from "@/ui/layout/use-layout";
import { useSize } from "@/ui/layout/use-size";
import { useFound, useOuting } from "../../../outing/use-outing";
import { FrameDrawing, wantedHeight } from "./FrameDrawing";

/** Share of a phone's height beyond which a frame would push its figures out of sight. */
const MOST_TALL = 0.51;

/** The view from the position, to scale: as tall as its frame asks on a phone, in the room that is left beside the figures. */
export function Picture() {
  const { columns } = useLayout();
  const { width, height } = useWindowDimensions();
  const shape = useOuting(frameShape);
  const view = useOuting((v) => v.frame);
  const input = useOuting((v) => v.input);
  const found = useFound((f) => f);
  const [size, onLayout] = useSize();
  if (!shape || !view || !input) return null;
  const tall = Math.min(MOST_TALL * height, wantedHeight(width, shape));
  return (
    <View
      className={columns ? "min-h-0 flex-1 px-4" : "-mx-4"}
      style={columns ? undefined : { height: tall }}
    >
      <View className="flex-1" onLayout={onLayout}>
        {size && <FrameDrawing size={size} view={view} input={input} found={found} />}
      </View>
    </View>
  );
}
