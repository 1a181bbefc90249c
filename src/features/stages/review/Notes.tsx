import { useState } from "react";
import { View } from "react-native";
import { TextField } from "@/ui/controls/TextField";
import { Txt } from "@/ui/controls/Txt";
import { editOuting } from "@/outing/edits";
import { useCommit, useOuting } from "../../outing/use-outing";

const MOST = 4000;

/** What to know next time; kept on leaving the field. */
export function Notes() {
  const notes = useOuting((v) => v.outing.notes);
  const commit = useCommit();
  const [draft, setDraft] = useState<string>();
  const text = draft ?? notes;
  const long = text.length > MOST;
  return (
    <View className="gap-1">
      <TextField
        label="Notes on this place"
        value={text}
        lines={5}
        onChange={setDraft}
        onBlur={() => {
          if (draft === undefined || long) return;
          commit(editOuting({ notes: draft.trim() }));
          setDraft(undefined);
        }}
        error={long ? `At most ${MOST} characters; ${text.length - MOST} too many.` : undefined}
      />
      {draft !== undefined && (
        <Txt size={14} tone="ink2">
          Saved when you leave the field.
        </Txt>
      )}
    </View>
  );
}
