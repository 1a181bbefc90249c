import DownIcon from "lucide-react-native/icons/chevron-down";
import UpIcon from "lucide-react-native/icons/chevron-up";
import { View } from "react-native";
import { IconButton } from "@/ui/controls/Button";
import { Txt } from "@/ui/controls/Txt";
import { useTokens } from "@/ui/theme/theme";

interface Props<Key extends string> {
  readonly order: readonly Key[];
  readonly nameOf: (key: Key) => string;
  readonly onChange: (order: readonly Key[]) => void;
}

/** A few things in an order, each moved up or down by a press. */
export function OrderField<Key extends string>({ order, nameOf, onChange }: Props<Key>) {
  const { water } = useTokens();
  const swap = (i: number): void => onChange(order.with(i, order[i + 1]!).with(i + 1, order[i]!));
  return (
    <View role="list" aria-label="Order in which to give things up">
      {order.map((key, i) => (
        <View key={key} role="listitem" className="min-h-12 flex-row items-center border-b border-line">
          <Txt weight={700} className="w-8">
            {`${i + 1}`}
          </Txt>
          <Txt className="flex-1">{nameOf(key)}</Txt>
          {i > 0 && (
            <IconButton label={`${nameOf(key)} earlier`} onPress={() => swap(i - 1)}>
              <UpIcon size={24} color={water} />
            </IconButton>
          )}
          {i < order.length - 1 ? (
            <IconButton label={`${nameOf(key)} later`} onPress={() => swap(i)}>
              <DownIcon size={24} color={water} />
            </IconButton>
          ) : (
            <View className="w-12" />
          )}
        </View>
      ))}
    </View>
  );
}
