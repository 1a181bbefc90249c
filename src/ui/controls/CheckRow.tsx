import CheckIcon from "lucide-react-native/icons/check";
import { Pressable, View } from "react-native";
import { useTokens } from "../theme/theme";
import { Txt } from "./Txt";

interface Props {
  readonly title: string;
  readonly detail?: string;
  readonly checked: boolean;
  readonly onChange: (checked: boolean) => void;
}

/** A line that is in or out: a box with a tick, the whole line is pressed. */
export function CheckRow({ title, detail, checked, onChange }: Props) {
  const { onWater } = useTokens();
  return (
    <Pressable
      role="checkbox"
      aria-checked={checked}
      aria-label={title}
      onPress={() => onChange(!checked)}
      className="min-h-12 flex-row items-center gap-3 border-b border-line py-1 active:opacity-70"
    >
      <View
        className={`h-7 w-7 items-center justify-center rounded-md border-2 border-water ${checked ? "bg-water" : ""}`}
      >
        {checked && <CheckIcon size={20} color={onWater} strokeWidth={3} />}
      </View>
      <View className="min-w-0 flex-1">
        <Txt weight={600}>{title}</Txt>
        {detail ? (
          <Txt size={14} tone="ink2">
            {detail}
          </Txt>
        ) : null}
      </View>
    </Pressable>
  );
}
