import { useState } from "react";
import { View } from "react-native";
import { TextField } from "@/ui/controls/TextField";

interface Props {
  readonly label: string;
  readonly value: string;
  /** Letters at most. */
  readonly most: number;
  readonly onKeep: (text: string) => void;
}

/** A line of words that is kept when one goes on. */
export function Kept({ label, value, most, onKeep }: Props) {
  const [typed, setTyped] = useState<string>();
  const text = typed ?? value;
  return (
    <View className="flex-row">
      <TextField
        label={label}
        value={text}
        lines={most > 200 ? 3 : undefined}
        error={text.length > most ? `At most ${most} characters; it is kept once it is shorter.` : undefined}
        onChange={setTyped}
        onBlur={() => {
          if (typed === undefined || typed.length > most) return;
          if (typed !== value) onKeep(typed);
          setTyped(undefined);
        }}
      />
    </View>
  );
}
