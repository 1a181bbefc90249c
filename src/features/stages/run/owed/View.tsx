import { useEffect, useState } from "react";
import { View } from "react-native";
import type { Outing } from "@/data";
import { deliveriesOwed, type Delivery } from "@/outing/deliveries";
import { inOrderOfHour, owed, type Owed } from "@/outing/owed";
import { deliver, editShot } from "@/outing/edits";
import { Button } from "@/ui/controls/Button";
import { Row } from "@/ui/controls/Row";
import { Txt } from "@/ui/controls/Txt";
import { useToast } from "@/ui/layout/toast";
import { deliveryWords, owedWords } from "@/words/brief";
import { useCommit, useOpenOuting, useOuting } from "../../../outing/use-outing";
import { useToldChange } from "../../../outing/use-told-change";
import { wallOf } from "../../shot/titles";

/** Milliseconds after which what is owed is looked up: the card comes first. */
const AFTER = 150;

/** What was promised and is not had or delivered yet, in the order of its hour; a press counts one as had, or a delivery as out. */
export function StillOwed() {
  const { store } = useOpenOuting();
  const outing = useOuting((v) => v.outing);
  const at = useOuting((v) => v.at);
  const [list, setList] = useState<readonly Owed[]>();
  useEffect(() => {
    const timer = setTimeout(() => setList(owed(store.getState().view)), AFTER);
    return () => clearTimeout(timer);
  }, [store, outing, at]);
  // The rows stand at once, so that nothing below them moves; until when is written into them.
  const shown = inOrderOfHour(list ?? outing.shots.flatMap(atOnce), deliveriesOwed({ outing, at }));
  if (shown.length === 0) return <Txt weight={600}>All that was promised is had.</Txt>;
  return (
    <View role="list" aria-label="Still owed">
      {shown.map((one) => (
        <View
          key={one.kind === "shot" ? one.shot.shotId : `delivery ${one.delivery.delivery.id}`}
          role="listitem"
          className="flex-row items-center gap-2"
        >
          {one.kind === "shot" ? <OwedShot one={one.shot} /> : <OwedDelivery one={one.delivery} />}
        </View>
      ))}
    </View>
  );
}

function OwedShot({ one }: { one: Owed }) {
  const { takeShot } = useOpenOuting();
  const outing = useOuting((v) => v.outing);
  const commit = useCommit();
  const toast = useToast();
  const gotOne = async ({ shotId, name }: Owed): Promise<void> => {
    const got = outing.shots.find((s) => s.id === shotId)?.got ?? 0;
    if (!(await commit(editShot(shotId, { got: got + 1 })))) return;
    toast({ words: `One of “${name}” had`, undo: () => void commit(editShot(shotId, { got })) });
  };
  return (
    <>
      <View className="min-w-0 flex-1">
        <Row
          title={one.name}
          detail={owedWords(one.left, one.when.kind, "at" in one.when ? wallOf({ outing }, one.when.at) : "")}
          onPress={() => takeShot(one.shotId)}
        />
      </View>
      <Button label="Got one" says={`Got one of ${one.name}`} onPress={() => void gotOne(one)} />
    </>
  );
}

function OwedDelivery({ one }: { one: Delivery }) {
  const outing = useOuting((v) => v.outing);
  const told = useToldChange();
  const { id, name, to } = one.delivery;
  return (
    <>
      <View className="min-w-0 flex-1 border-b border-line py-2">
        <Txt weight={600}>{to ? `${name}, for ${to}` : name}</Txt>
        <Txt tone={one.late ? "bracken" : "ink2"}>{deliveryWords(one, (t) => wallOf({ outing }, t))}</Txt>
      </View>
      <Button
        label="Delivered"
        says={`${name} is delivered`}
        onPress={() => void told(deliver(id), `“${name}” delivered`)}
      />
    </>
  );
}

const atOnce = ({ id, name, wanted, got = 0 }: Outing["shots"][number]): Owed[] =>
  wanted > got ? [{ shotId: id, name, left: wanted - got, when: { kind: "any-time" } }] : [];
