import { useEffect, useState } from "react";
import { View } from "react-native";
import type { Outing } from "@/data";
import { owed, type Owed } from "@/outing/owed";
import { editShot } from "@/outing/edits";
import { Button } from "@/ui/controls/Button";
import { Row } from "@/ui/controls/Row";
import { Txt } from "@/ui/controls/Txt";
import { useToast } from "@/ui/layout/toast";
import { owedWords } from "@/words/brief";
import { useCommit, useOpenOuting, useOuting } from "../../../outing/use-outing";
import { wallOf } from "../../shot/titles";

/** Milliseconds after which what is owed is looked up: the card comes first. */
const AFTER = 150;

/** What was promised and is not had yet, in the order in which the light ends it; a press counts one as had. */
export function StillOwed() {
  const { store, takeShot } = useOpenOuting();
  const outing = useOuting((v) => v.outing);
  const at = useOuting((v) => v.at);
  const commit = useCommit();
  const toast = useToast();
  const [list, setList] = useState<readonly Owed[]>();
  useEffect(() => {
    const timer = setTimeout(() => setList(owed(store.getState().view)), AFTER);
    return () => clearTimeout(timer);
  }, [store, outing, at]);
  const gotOne = async ({ shotId, name }: Owed): Promise<void> => {
    const got = outing.shots.find((s) => s.id === shotId)?.got ?? 0;
    if (!(await commit(editShot(shotId, { got: got + 1 })))) return;
    toast({ words: `One of “${name}” had`, undo: () => void commit(editShot(shotId, { got })) });
  };
  // The rows stand at once, so that nothing below them moves; until when is written into them.
  const shown = list ?? outing.shots.flatMap(atOnce);
  if (shown.length === 0) return <Txt weight={600}>All that was promised is had.</Txt>;
  return (
    <View role="list" aria-label="Still owed">
      {shown.map((one) => (
        <View key={one.shotId} role="listitem" className="flex-row items-center gap-2">
          <View className="min-w-0 flex-1">
            <Row
              title={one.name}
              detail={owedWords(
                one.left,
                one.when.kind,
                "at" in one.when ? wallOf({ outing }, one.when.at) : "",
              )}
              onPress={() => takeShot(one.shotId)}
            />
          </View>
          <Button label="Got one" says={`Got one of ${one.name}`} onPress={() => void gotOne(one)} />
        </View>
      ))}
    </View>
  );
}

const atOnce = ({ id, name, wanted, got = 0 }: Outing["shots"][number]): Owed[] =>
  wanted > got ? [{ shotId: id, name, left: wanted - got, when: { kind: "any-time" } }] : [];
