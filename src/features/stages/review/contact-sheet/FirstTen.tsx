import { View } from "react-native";
import { firstOut } from "@/outing/frames/deliver";
import type { MatchedBurst } from "@/outing/frames/matched";
import { Button } from "@/ui/controls/Button";
import { Txt } from "@/ui/controls/Txt";
import { useOuting } from "../../../outing/use-outing";
import { useGoing } from "../frames/use-going";
import { WentOutLine } from "../frames/WentOutLine";

const TEN = 10;

/** What goes out before the sorting is finished: ten kept frames with their captions. */
export function FirstTen({ bursts }: { bursts: readonly MatchedBurst[] }) {
  const longEdgePx = useOuting((v) => v.shot.deliveredLongEdgePx);
  const { state, copies, isAtHand } = useGoing();
  const frames = firstOut(bursts, TEN);
  return (
    <View className="gap-1">
      <Button
        label={`First ${frames.length === 0 || frames.length >= TEN ? "ten" : frames.length} now`}
        disabled={frames.length === 0 || !isAtHand || state.kind === "going"}
        onPress={() => void copies(frames, { longEdgePx, whom: "", ending: "first-ten" })}
      />
      {frames.length === 0 && (
        <Txt size={14} tone="ink2">
          Keep a few: they can go out before the rest is judged.
        </Txt>
      )}
      <WentOutLine state={state} />
    </View>
  );
}
