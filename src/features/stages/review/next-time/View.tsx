import { useState } from "react";
import { View } from "react-native";
import { TextField } from "@/ui/controls/TextField";
import { Txt } from "@/ui/controls/Txt";
import { editOuting } from "@/outing/edits";
import { recallText, rememberText } from "../../../forms/draft";
import { useCommit, useOuting } from "../../../outing/use-outing";

const MOST = 4000;

/** What to know next time; saved on leaving the field, and what is typed until then outlives the page. */
export function Notes() {
  const id = useOuting((v) => v.outing.id);
  const notes = useOuting((v) => v.outing.notes);
  const commit = useCommit();
  const name = `notes ${id}`;
  const [draft, setDraft] = useState(() => recallText(localStorage, name));
  const type = (text: string | undefined): void => {
    setDraft(text);
    rememberText(localStorage, name, text);
  };
  const text = draft ?? notes;
  const long = text.length > MOST;
  return (
    <View className="gap-1">
      <TextField
        label="Notes on this place"
        value={text}
        lines={5}
        onChange={type}
        onBlur={() => {
          if (draft === undefined || long) return;
          void commit(editOuting({ notes: draft.trim() }));
          type(undefined);
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
