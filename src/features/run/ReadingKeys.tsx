import { useState } from "react";
import { View } from "react-native";
import type { Assessment } from "@/core/judge";
import { Button } from "@/ui/controls/Button";
import { useToast } from "@/ui/controls/toast";
import { Txt } from "@/ui/controls/Txt";
import { clicksWords } from "@/words";
import { useOuting } from "../stage/outing-context";
import { dropReading } from "../stage/edits";
import { keepReading, readingFrom } from "./keep-reading";

const STEPS = [1, 2, 3, 4, 6, 9];
type Way = "dark" | "bright";

/** Two presses in gloves: which way the test shot was off, and by how many clicks. */
export function ReadingKeys({ found }: { found: Assessment }) {
  const { shoot, change } = useOuting();
  const toast = useToast();
  const [way, setWay] = useState<Way>();
  const readings = shoot.light.readings.length;

  const keep = (clicks: number): void => {
    const reading = readingFrom(found, shoot, way === "dark" ? -clicks : clicks);
    change(keepReading(reading));
    setWay(undefined);
    toast({
      words: `Reading kept: ${clicksWords(clicks)} too ${way}`,
      undo: () => change(dropReading(reading.id)),
    });
  };
  if (way)
    return (
      <View className="gap-2 px-4 pb-3" role="group" aria-label={`Too ${way} by`}>
        <View className="flex-row items-center justify-between">
          <Txt size={18} weight={700}>{`Too ${way} by how many clicks?`}</Txt>
          <Button label="Cancel" kind="plain" onPress={() => setWay(undefined)} />
        </View>
        <View className="flex-row gap-2">
          {STEPS.map((clicks) => (
            <Button
              key={clicks}
              label={String(clicks)}
              says={`Too ${way} by ${clicksWords(clicks)}`}
              onPress={() => keep(clicks)}
              className="h-16 flex-1 px-0"
            />
          ))}
        </View>
      </View>
    );
  return (
    <View className="gap-1 px-4 pb-3">
      <Txt size={14} tone="ink2">
        {readings === 0
          ? "Test shot: how did it come out?"
          : `${readings} ${readings === 1 ? "reading" : "readings"} kept. And the next test shot?`}
      </Txt>
      <View className="flex-row gap-3">
        <Button label="Too dark" onPress={() => setWay("dark")} className="h-[72px] flex-1" />
        <Button label="Too bright" onPress={() => setWay("bright")} className="h-[72px] flex-1" />
      </View>
    </View>
  );
}
