import { View } from "react-native";
import { measuredOf } from "@/answers/practice/runs";
import type { Run } from "@/data";
import { Button } from "@/ui/controls/Button";
import { Txt } from "@/ui/controls/Txt";
import { runWords } from "@/words/practice";
import type { Drill } from "./use-drill";

/** What a run said once it is over, and the next one; how far it is until then. */
export function Outcome({ drill, of, count }: { drill: Run["drill"]; of: Drill; count: number }) {
  const measured = of.isOver ? measuredOf(drill, of.tries) : undefined;
  if (!of.isOver)
    return (
      <View className="flex-row items-center justify-between gap-3">
        <Txt tone="ink2">{`${of.tries.length} of ${count}`}</Txt>
        {of.tries.length > 0 && <Button label="Begin anew" kind="plain" onPress={() => of.again()} />}
      </View>
    );
  return (
    <View role="status" className="gap-2">
      {measured && <Txt weight={600}>{runWords(drill, measured)}</Txt>}
      <Button label="Once more" kind="filled" onPress={() => of.again()} />
    </View>
  );
}
