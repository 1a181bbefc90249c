import { View } from "react-native";
import { Dialog } from "@/ui/controls/Dialog";
import { Txt } from "@/ui/controls/Txt";

export type KeyList = readonly (readonly [key: string, what: string])[];

export const HOME_KEYS: KeyList = [
  ["n", "plan an outing, under Outings"],
  ["/", "ask anything"],
  ["Tab", "to the next thing; Enter presses it"],
  ["Esc", "closes what is open"],
  ["?", "this list"],
];

/** The keys that work here. */
export function KeysDialog({ keys, open, onClose }: { keys: KeyList; open: boolean; onClose: () => void }) {
  return (
    <Dialog title="Keys" open={open} onClose={onClose}>
      {keys.map(([key, what]) => (
        <View key={key} className="flex-row gap-4">
          <Txt weight={700} className="w-24">
            {key}
          </Txt>
          <Txt className="flex-1">{what}</Txt>
        </View>
      ))}
    </Dialog>
  );
}
