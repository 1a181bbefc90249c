import { useState } from "react";
import { View } from "react-native";
import { TextField } from "@/ui/controls/TextField";

/** Metres from the middle of the ground beyond which nothing is put. */
export const FAR = 5000;

/** A name that takes effect on leaving its field; an empty one is not taken. */
export function NameField({
  label,
  value,
  onChange,
}: {
  label: string;
  value: string;
  onChange: (name: string) => void;
}) {
  const [draft, setDraft] = useState<string>();
  const text = draft ?? value;
  const wrong = text.trim() === "" || text.length > 80;
  return (
    <View className="flex-row">
      <TextField
        label={label}
        value={text}
        onChange={setDraft}
        error={wrong ? "Type a name of 1 to 80 characters." : undefined}
        onBlur={() => {
          if (draft === undefined || wrong) return;
          onChange(draft.trim());
          setDraft(undefined);
        }}
      />
    </View>
  );
}
