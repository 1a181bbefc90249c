import { useState } from "react";
import { View } from "react-native";
import type { ListBeginning } from "@/outing/lists/beginning";
import { Button } from "@/ui/controls/Button";
import { TextField } from "@/ui/controls/TextField";
import { Txt } from "@/ui/controls/Txt";
import { CALLS_HINT, listBeginningWords } from "@/words/lists";

/** A start list that an outing begins with, as it is typed. */
export interface TypedList {
  readonly text: string;
  readonly calls: string;
}

interface Props {
  readonly list: TypedList;
  readonly onList: (list: TypedList) => void;
  /** What the list says, once it was read; undefined where it has no events. */
  readonly begins: ListBeginning | undefined;
  /** What is wrong with the calls as they stand. */
  readonly fault: string | undefined;
}

/** Begins an outing from its start list: what it says of the day fills the fields below. */
export function FromList({ list, onList, begins, fault }: Props) {
  const [open, setOpen] = useState(list.text !== "");
  if (!open) return <Button label="Begin from a start list" onPress={() => setOpen(true)} />;
  return (
    <View className="gap-2" role="group" aria-label="From a start list">
      <View className="flex-row">
        <TextField
          label="Paste the start list"
          hint="As it comes: lines, a table, heats with their lanes"
          value={list.text}
          onChange={(text) => onList({ ...list, text })}
          lines={5}
        />
      </View>
      {list.text.trim() !== "" && (
        <Txt aria-live="polite" weight={600}>
          {begins ? listBeginningWords(begins) : "No event can be read of it yet."}
        </Txt>
      )}
      {begins && (
        <View className="flex-row">
          <TextField
            label="Calls, minutes before"
            hint={CALLS_HINT}
            error={fault}
            value={list.calls}
            onChange={(calls) => onList({ ...list, calls })}
          />
        </View>
      )}
    </View>
  );
}
