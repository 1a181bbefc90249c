import { View } from "react-native";
import { instantOf } from "@/data";
import { Button } from "@/ui/controls/Button";
import { TextField } from "@/ui/controls/TextField";
import { Txt } from "@/ui/controls/Txt";

/** Another time than now, as far as it is typed. */
export interface When {
  readonly date: string;
  readonly time: string;
}

/** The instant of a time that is typed whole, by the clocks of a place. */
export const whenTyped = (when: When | undefined, timeZone: string): number | undefined =>
  when?.date && when.time ? instantOf(when.date, when.time, timeZone).at : undefined;

interface Props {
  readonly isNow: boolean;
  readonly when: When | undefined;
  readonly onWhen: (when: When) => void;
}

/** When it is: now unless another time is told; after dark in the open, tomorrow at ten. */
export function WhenField({ isNow, when, onWhen }: Props) {
  if (!when)
    return (
      <View className="flex-row items-center gap-2">
        <Txt className="min-w-0 flex-1">
          {isNow
            ? "For now, the next two hours."
            : "It is dark there now, so this is for the next morning at ten."}
        </Txt>
        <Button label="Another time" kind="plain" onPress={() => onWhen({ date: "", time: "" })} />
      </View>
    );
  return (
    <View className="flex-row gap-3">
      <TextField label="Date" type="date" value={when.date} onChange={(date) => onWhen({ ...when, date })} />
      <TextField label="From" type="time" value={when.time} onChange={(time) => onWhen({ ...when, time })} />
    </View>
  );
}
