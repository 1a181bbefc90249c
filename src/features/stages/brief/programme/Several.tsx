import { useState } from "react";
import { ScrollView, View } from "react-native";
import type { ProgrammeEvent } from "@/data";
import { editEvents, removeEvents, repeatEvents, shiftEvents, type Edit } from "@/outing/edits";
import { eventKinds, kindOfEvent } from "@/outing/programme/kinds";
import { callsTyped } from "@/outing/lists/calls";
import { Button } from "@/ui/controls/Button";
import { CheckRow } from "@/ui/controls/CheckRow";
import { Picker } from "@/ui/controls/Picker";
import { TextField } from "@/ui/controls/TextField";
import { Txt } from "@/ui/controls/Txt";
import { countWords } from "@/words";
import { eventDetail } from "@/words/programme";
import { useOuting } from "../../../outing/use-outing";
import { useToldChange } from "../../../outing/use-told-change";

const ALL = "all";

/** Several events at once: those of a kind, or as they are ticked. Each press is one change with its undo. */
export function Several() {
  const programme = useOuting((v) => v.outing.programme ?? NONE);
  const [which, setWhich] = useState(ALL);
  const [off, setOff] = useState<readonly string[]>([]);
  const kinds = [...new Set(programme.map((e) => kindOfEvent(e)?.name ?? OTHER))];
  const shown = programme.filter((e) => which === ALL || (kindOfEvent(e)?.name ?? OTHER) === which);
  const ids = shown.filter((e) => !off.includes(e.id)).map((e) => e.id);
  return (
    <View className="gap-3">
      <Picker
        label="Which events"
        items={[
          { key: ALL, title: `All ${countWords(programme.length, "event")}` },
          ...kinds.map((name) => ({ key: name, title: name })),
        ]}
        chosen={which}
        onChoose={setWhich}
      />
      {/* What can be done with them stays in reach under a long day. */}
      <ScrollView className="max-h-[300px]" role="group" aria-label="Events to change">
        {shown.map((event) => (
          <CheckRow
            key={event.id}
            title={`${event.at} ${event.name}`}
            detail={eventDetail({ ...event, where: "" })}
            checked={!off.includes(event.id)}
            onChange={(on) => setOff(on ? off.filter((id) => id !== event.id) : [...off, event.id])}
          />
        ))}
      </ScrollView>
      <Changes ids={ids} />
    </View>
  );
}

const NONE: readonly ProgrammeEvent[] = [];
const OTHER = "Of no known kind";

/** What can be done with all of them. */
function Changes({ ids }: { ids: readonly string[] }) {
  const told = useToldChange();
  const [typed, setTyped] = useState("");
  const minutes = Number(typed);
  const calls = callsTyped(typed);
  const isNumber = typed.trim() !== "" && Number.isFinite(minutes) && Math.abs(minutes) <= 600;
  const many = countWords(ids.length, "event");
  const change = (edit: Edit, did: string): void => void told(edit, `${many} ${did}`);
  const each = (edit: Partial<Omit<ProgrammeEvent, "id">>, did: string): void =>
    change(editEvents(ids, edit), did);
  const none = ids.length === 0;
  return (
    <View className="gap-2">
      <Txt weight={700}>{`With ${many}`}</Txt>
      <View className="flex-row flex-wrap gap-2">
        <Button label="Must be covered" disabled={none} onPress={() => each({ wish: "pinned" }, "pinned")} />
        <Button
          label="Optional"
          disabled={none}
          onPress={() => each({ wish: undefined, priority: 3 }, "made optional")}
        />
        <Button label="Leave out" disabled={none} onPress={() => each({ wish: "excluded" }, "left out")} />
        <Button label="For me" disabled={none} onPress={() => each({ by: undefined }, "yours")} />
        <Button
          label="For the second photographer"
          disabled={none}
          onPress={() => each({ by: "second" }, "for the second photographer")}
        />
        <Button
          label="Delete"
          kind="danger"
          disabled={none}
          onPress={() => change(removeEvents(ids), "deleted")}
        />
      </View>
      <View className="flex-row">
        <TextField
          label="Minutes"
          hint="10 is later or longer, −10 is earlier; for calls as 30 and 15"
          value={typed}
          onChange={setTyped}
        />
      </View>
      <View className="flex-row flex-wrap gap-2">
        <Button
          label="Move"
          disabled={none || !isNumber}
          onPress={() => change(shiftEvents(ids, minutes), `moved by ${minutes} min`)}
        />
        <Button
          label="Repeat after"
          disabled={none || !isNumber || minutes <= 0}
          onPress={() => change(repeatEvents(ids, minutes), `repeated after ${minutes} min`)}
        />
        <Button
          label="Last so long"
          disabled={none || !isNumber || minutes < 0}
          onPress={() => each({ minutes }, `last ${minutes} min`)}
        />
        <Button label="Calls so" disabled={none || !calls} onPress={() => each({ calls }, "called so")} />
      </View>
      <Picker
        label="Of the kind"
        items={[
          { key: "", title: "As their names say" },
          ...eventKinds().map((k) => ({ key: k.id, title: k.name, detail: `usually ${k.minutes} min` })),
        ]}
        chosen=""
        onChoose={(key) => each({ kind: key || undefined }, "changed")}
      />
    </View>
  );
}
