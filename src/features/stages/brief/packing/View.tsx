import { View } from "react-native";
import { dayConditions } from "@/answers/library/day-conditions";
import { idFromName } from "@/data";
import { conditionsOf, packingOf } from "@/outing/day/day";
import { carriedGrams } from "@/outing/day/carried";
import { editOuting } from "@/outing/edits";
import { Button } from "@/ui/controls/Button";
import { CheckRow } from "@/ui/controls/CheckRow";
import { TextField } from "@/ui/controls/TextField";
import { Toggles } from "@/ui/controls/Toggles";
import { Txt } from "@/ui/controls/Txt";
import { weightWords } from "@/words";
import { careSentence, CONDITION_WORDS } from "@/words/packing";
import { SumText } from "../../reasons/SumText";
import { useTyped } from "../../../forms/use-typed";
import { useCommit, useOuting } from "../../../outing/use-outing";

/** What goes along for such a day, with why, ticked off as it is packed; and how the kit is cared for. */
export function Packing() {
  const outing = useOuting((v) => v.outing);
  const kit = useOuting((v) => v.kit);
  const commit = useCommit();
  const [own, setOwn] = useTyped(`pack ${outing.id}`);
  const packing = outing.packing ?? { ticked: [], own: [] };
  const conditions = conditionsOf(outing);
  const { rows, care } = packingOf(outing);
  const put = (edit: Partial<typeof packing>): void =>
    void commit(editOuting({ packing: { ...packing, ...edit } }));
  const tick = (id: string, on: boolean): void =>
    put({ ticked: on ? [...packing.ticked, id] : packing.ticked.filter((t) => t !== id) });
  const add = (): void => {
    const id = idFromName(own, [...rows, ...packing.own], "own");
    put({ own: [...packing.own, { id, name: own.trim().slice(0, 80) }] });
    setOwn("");
  };
  const weight = carriedGrams(outing, kit);
  return (
    <View className="gap-3">
      <Toggles
        label="The day is"
        options={dayConditions().map((key) => ({ key, label: CONDITION_WORDS[key] }))}
        on={conditions}
        onChange={(next) => put({ conditions: [...next] })}
      />
      <View role="group" aria-label="To pack">
        {rows.map(({ id, name, reason }) => (
          <CheckRow
            key={id}
            title={name}
            detail={reason}
            checked={packing.ticked.includes(id)}
            onChange={(on) => tick(id, on)}
          />
        ))}
        {packing.own.map(({ id, name }) => (
          <CheckRow
            key={id}
            title={name}
            detail="of your own"
            checked={packing.ticked.includes(id)}
            onChange={(on) => tick(id, on)}
          />
        ))}
      </View>
      <View className="flex-row items-end gap-2">
        <TextField label="Something of your own" value={own} onChange={setOwn} />
        <Button label="Add" disabled={own.trim() === "" || packing.own.length >= 50} onPress={add} />
      </View>
      <SumText
        of={["carried"]}
        title="What is carried"
        words={`With bodies and lenses about ${weightWords(weight)}.`}
        weight={600}
      />
      {care.map(({ id }) => (
        <Txt key={id}>{careSentence(id)}</Txt>
      ))}
    </View>
  );
}
