import { useState } from "react";
import { View } from "react-native";
import { wayThere } from "@/answers/run/where-am-i";
import { carriedGrams } from "@/outing/day/carried";
import { arrived, leaving, undoWalk } from "@/outing/edits";
import { paceOf } from "@/outing/pace";
import { Button } from "@/ui/controls/Button";
import { Picker } from "@/ui/controls/Picker";
import { Txt } from "@/ui/controls/Txt";
import { metresWords } from "@/words";
import { walkTimedWords } from "@/words/where";
import { Yours } from "../../reasons/Yours";
import { useCommit, useOpenOuting, useOuting } from "../../../outing/use-outing";

/** A walk from the position in hand to another, timed by two presses: from a few of them one's own pace is learnt, after a press in Review. */
export function TimedWalk() {
  const { store } = useOpenOuting();
  const commit = useCommit();
  const { positions } = useOuting((v) => v.outing.ground);
  const from = useOuting((v) => v.position);
  const walks = useOuting((v) => v.outing.walks);
  const [chosen, setChosen] = useState<string>();
  const going = walks?.find((w) => w.there === undefined);
  const last = walks?.findLast((w) => w.there !== undefined);
  const others = positions.filter((p) => p.id !== from?.id);
  const to = others.find((p) => p.id === chosen) ?? others[0];
  if (going)
    return (
      <View className="gap-2" role="group" aria-label="Timed walk">
        <Txt weight={600}>{`On the way: ${metresWords(going.metres)}.`}</Txt>
        <View className="flex-row flex-wrap gap-2">
          <Button label="I am there" kind="filled" onPress={() => void commit(arrived(Date.now()))} />
          <Button label="Do not time it" kind="plain" onPress={() => void commit(undoWalk)} />
        </View>
      </View>
    );
  if (!from || !to) return null;
  const leave = (left: number): void => {
    const { outing, kit, preferences } = store.getState().view;
    const pace = paceOf({ outing, kit, preferences });
    const way = wayThere({ ground: outing.ground, pace, from: from.at, accuracy: 0, to: to.at });
    if (way.kind === "there") return;
    void commit(leaving({ metres: way.metres, grams: carriedGrams(outing, kit), left }));
  };
  return (
    <View className="gap-2" role="group" aria-label="Timed walk">
      <Txt weight={600}>{`Time a walk from ${from.name}`}</Txt>
      <Picker
        label="Walk that is timed, to"
        items={others.map((p) => ({ key: p.id, title: p.name }))}
        chosen={to.id}
        onChoose={setChosen}
      />
      <Button label="Leaving now" onPress={() => leave(Date.now())} />
      {last && (
        <Txt size={14} tone="ink2">
          {walkTimedWords(last)}
        </Txt>
      )}
      <Yours of="pace" />
    </View>
  );
}
