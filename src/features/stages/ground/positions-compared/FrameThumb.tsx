import { useCallback } from "react";
import { View } from "react-native";
import { frameFrom } from "@/answers/ground/frame-from";
import type { OutingView } from "@/outing/outing-view";
import { useAtRest } from "../../../outing/use-at-rest";
import { FrameDrawing } from "../../frame/picture/FrameDrawing";

/** Px of a small frame: the room is the same for a level and an upright one. */
const ROOM = { width: 76, height: 60 };

/** What a position makes of the shot, small: the subject to scale in its frame. Drawn once the hand rests. */
export function FrameThumb({ positionId }: { positionId: string }) {
  const seen = useAtRest(useCallback((view: OutingView) => frameFrom(view, positionId), [positionId]));
  return (
    <View style={ROOM} className="justify-end">
      {seen && <FrameDrawing size={ROOM} view={seen.frame} input={seen.input} found={seen.found} isSmall />}
    </View>
  );
}
