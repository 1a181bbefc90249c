import { useState } from "react";
import { View } from "react-native";
import type { Assessment } from "@/core/judge";
import type { Settings } from "@/core/exposure";
import { Button } from "@/ui/controls/Button";
import { Dialog } from "@/ui/controls/Dialog";
import { useToast } from "@/ui/controls/toast";
import { Txt } from "@/ui/controls/Txt";
import { clicksWords, countWords } from "@/words";
import { AtDesk } from "../shell/lazy-desk";
import { useOuting } from "../stage/outing-context";
import { dropReading, keepReading, readingFrom } from "@/outing/edits/reading";

const STEPS = [1, 2, 3, 4, 6, 9];
type Way = "dark" | "bright";

/** A press or two in gloves: it was right, or which way it was off and by how many clicks; any settings can be typed. */
export function ReadingKeys({ found }: { found: Assessment }) {
  const { outing, change } = useOuting();
  const toast = useToast();
  const [way, setWay] = useState<Way>();
  const readings = outing.light.readings.length;

  const [typing, setTyping] = useState(false);
  const keep = (off: number, settings?: Settings): void => {
    const reading = readingFrom(found, outing, off, settings);
    change(keepReading(reading));
    setWay(undefined);
    toast({
      words: `Reading saved: ${off === 0 ? "it was right" : `${clicksWords(Math.abs(off))} too ${off < 0 ? "dark" : "bright"}`}`,
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
        <Txt size={14} tone="ink2">
          A click is a third of a stop.
        </Txt>
        <View className="flex-row gap-2">
          {STEPS.map((clicks) => (
            <Button
              key={clicks}
              label={String(clicks)}
              says={`Too ${way} by ${clicksWords(clicks)}`}
              onPress={() => keep(way === "dark" ? -clicks : clicks)}
              className="h-16 flex-1 px-0"
            />
          ))}
        </View>
      </View>
    );
  return (
    <View className="gap-1 px-4 pb-3">
      <View className="flex-row items-center justify-between">
        <Txt size={14} tone="ink2">
          {readings === 0
            ? "Test shot: how did it come out?"
            : `${countWords(readings, "reading")} so far. The next?`}
        </Txt>
        <Button label="Other settings" kind="plain" className="-mr-4" onPress={() => setTyping(true)} />
      </View>
      <View className="flex-row gap-2">
        <Button label="Too dark" onPress={() => setWay("dark")} className="h-[72px] flex-1 px-1" />
        <Button label="It was right" onPress={() => keep(0)} className="h-[72px] flex-1 px-1" />
        <Button label="Too bright" onPress={() => setWay("bright")} className="h-[72px] flex-1 px-1" />
      </View>
      <Dialog title="A test shot" open={typing} onClose={() => setTyping(false)}>
        {typing && (
          <AtDesk>
            {(desk) => (
              <desk.ReadingForm
                settings={found.settings.settings}
                onKeep={(settings, clicks) => keep(clicks, settings)}
                onClose={() => setTyping(false)}
              />
            )}
          </AtDesk>
        )}
      </Dialog>
    </View>
  );
}
