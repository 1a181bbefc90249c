import { useState } from "react";
import { View } from "react-native";
import { instantOf } from "@/data";
import { Button } from "@/ui/controls/Button";
import { TextField } from "@/ui/controls/TextField";
import { Txt } from "@/ui/controls/Txt";

/** Another time than now: known as an instant once the place, and so its clocks, are. */
export interface When {
  readonly date: string;
  readonly time: string;
  readonly instantIn: (timeZone: string) => number;
}

interface Props {
  readonly isNow: boolean;
  readonly when: When | undefined;
  readonly onWhen: (when: When | undefined) => void;
}

/** When it is: now unless another time is told; after dark in the open, tomorrow at ten. */
export function WhenField({ isNow, when, onWhen }: Props) {
  const [asked, setAsked] = useState(when !== undefined);
  const [date, setDate] = useState(when?.date ?? "");
  const [time, setTime] = useState(when?.time ?? "");
  const told = (newDate: string, newTime: string): void => {
    setDate(newDate);
    setTime(newTime);
    const isWhole = newDate !== "" && newTime !== "";
    onWhen(
      isWhole
        ? { date: newDate, time: newTime, instantIn: (timeZone) => instantOf(newDate, newTime, timeZone).at }
        : undefined,
    );
  };
  if (!asked)
    return (
      <View className="flex-row items-center gap-2">
        <Txt className="min-w-0 flex-1">
          {isNow
            ? "For now, the next two hours."
            : "It is dark there now, so this is for the next morning at ten."}
        </Txt>
        <Button label="Another time" kind="plain" onPress={() => setAsked(true)} />
      </View>
    );
  return (
    <View className="flex-row gap-3">
      <TextField label="Date" type="date" value={date} onChange={(value) => told(value, time)} />
      <TextField label="From" type="time" value={time} onChange={(value) => told(date, value)} />
    </View>
  );
}
