import { useCallback, useState } from "react";
import { View } from "react-native";
import { changesOfRecord, notedIn, type RecordName, type State } from "@/data";
import { Button } from "@/ui/controls/Button";
import { useHotkeys } from "@/ui/layout/use-hotkeys";
import { recordChangesWords, recordChangeWords } from "@/words";
import { useKept, useKeptChange, useKeptHistory } from "../store/kept";
import { EarlierStates, type Looked } from "./EarlierStates";

/** Undo, redo and the earlier states of kit, library or preferences. */
export function RecordHistory({ name }: { name: RecordName }) {
  const { data } = useKept(name);
  const { states, undo, redo, step, at } = useKeptHistory(name);
  const { change } = useKeptChange(name);
  const [open, setOpen] = useState(false);
  const now = data?.ok ? data.value : undefined;
  const look = useCallback(
    async (state: State): Promise<Looked | undefined> => {
      const found = await at(state.revision);
      if (!found.ok || !now) return undefined;
      return {
        since: changesOfRecord(now, found.value).map(recordChangeWords),
        take: () => void change(found.value as never),
      };
    },
    [at, now, change],
  );
  useHotkeys({ "mod+z": () => void step("undo"), "mod+shift+z": () => void step("redo") });
  return (
    <View className="-ml-4 flex-row flex-wrap gap-x-2 pt-4">
      {undo && (
        <Button label={`Undo: ${recordChangesWords(undo)}`} kind="plain" onPress={() => void step("undo")} />
      )}
      {redo && (
        <Button label={`Redo: ${recordChangesWords(redo)}`} kind="plain" onPress={() => void step("redo")} />
      )}
      <Button label="Earlier states" kind="plain" onPress={() => setOpen(true)} />
      {open && (
        <EarlierStates
          states={states}
          titleOf={(state) => recordChangesWords(notedIn(state))}
          look={look}
          onClose={() => setOpen(false)}
        />
      )}
    </View>
  );
}
