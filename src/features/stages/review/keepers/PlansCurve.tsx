import { View } from "react-native";
import { chance } from "@/answers/expose/chance";
import { ShareCurve } from "@/ui/charts/ShareCurve";
import { Txt } from "@/ui/controls/Txt";
import { shutterWords } from "@/words";
import { useOuting } from "../../../outing/use-outing";

/** Clicks between the names under the curve. */
const EVERY = 6;

/** What the plan expects of the shot in hand at each shutter, where nothing was counted yet to stand on it; nothing without a picture. */
export function PlansCurve() {
  const answer = useOuting(chance);
  const shot = useOuting((v) => v.shot.name);
  if (!answer) return null;
  return (
    <View>
      <ShareCurve
        label={`What the plan expects of ${shot}`}
        points={answer.curve.map((p) => ({ at: p.shutter, share: p.chance }))}
        counted={[]}
        marked={answer.here.shutter}
        wordsAt={shutterWords}
        every={EVERY}
      />
      <Txt
        size={14}
        tone="ink2"
      >{`What the plan expects of ${shot}. Your keepers will stand on it as dots.`}</Txt>
    </View>
  );
}
