import { useEffect, useState } from "react";
import { View } from "react-native";
import { timedProgramme } from "@/outing/programme/event-times";
import { namesIn } from "@/outing/tags/tagging";
import { Button } from "@/ui/controls/Button";
import { Txt } from "@/ui/controls/Txt";
import { countWords } from "@/words";
import { watchWords } from "@/words/tags";
import { useOuting } from "../../../outing/use-outing";
import { useHeatWatch } from "./heat-watch";
import { useEventNow, useTagging } from "./use-tagging";

/** Pressed at the start and at the end of a heat: everybody in it is named at once, between these two times. */
export function HeatWatch() {
  const outing = useOuting((v) => v.outing);
  const here = useEventNow();
  const tagging = useTagging();
  const { running, start, stop } = useHeatWatch((s) => s);
  const event = running ? timedProgramme(outing).find((e) => e.id === running.eventId) : here;
  if (!event) return null;
  const names = namesIn(event, outing.people ?? []);
  const end = async (): Promise<void> => {
    stop();
    await tagging({ kind: "heat", names, eventId: event.id, from: running!.from });
  };
  return (
    <View role="group" aria-label="Stop-watch of the heat" className="min-w-[140px] flex-1 gap-1">
      {running ? (
        <>
          <Button label="Heat ends" kind="filled" className="h-16" onPress={() => void end()} />
          <View className="flex-row items-center justify-between">
            <Seconds from={running.from} />
            <Button label="Drop" kind="plain" onPress={stop} />
          </View>
        </>
      ) : (
        <Button
          label="Heat starts"
          says={`Heat starts: ${event.name}`}
          className="h-16"
          onPress={() => start({ eventId: event.id, from: Date.now() })}
        />
      )}
      <Txt size={14} tone="ink2">
        {names.length > 0
          ? `names ${countWords(names.length, "person", "people")} at once`
          : "the list names nobody"}
      </Txt>
    </View>
  );
}

function Seconds({ from }: { from: number }) {
  const [now, setNow] = useState(() => Date.now());
  useEffect(() => {
    const timer = setInterval(() => setNow(Date.now()), 100);
    return () => clearInterval(timer);
  }, []);
  return (
    <Txt size={20} weight={700} role="timer">
      {watchWords((now - from) / 1000)}
    </Txt>
  );
}
