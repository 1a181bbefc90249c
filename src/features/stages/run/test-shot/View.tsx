import { useState } from "react";
import { View } from "react-native";
import type { Settings } from "@/core/exposure";
import { Button } from "@/ui/controls/Button";
import { Dialog } from "@/ui/controls/Dialog";
import { useLayout } from "@/ui/layout/use-layout";
import { useToast } from "@/ui/layout/toast";
import { Txt } from "@/ui/controls/Txt";
import { clicksWords, countWords } from "@/words";
import { WhileRoom } from "../../../forms/WhileRoom";
import { Late } from "../../../layout/Late";
import { useCommit, useOpenOuting, useOuting } from "../../../outing/use-outing";
import { dropReading, keepReading, readingFrom } from "@/outing/edits/reading";

const loadReadingForm = async () => (await import("./other-settings")).ReadingForm;
const loadLightDiffers = async () => (await import("./LightDiffers")).LightDiffers;

const STEPS = [1, 2, 3, 4, 6, 9];
type Way = "dark" | "bright";

/** A press or two in gloves: it was right, or which way it was off and by how many clicks; any settings can be typed. */
export function ReadingKeys() {
  const readings = useOuting((v) => v.outing.light.readings.length);
  const { store } = useOpenOuting();
  const commit = useCommit();
  const { low } = useLayout();
  const toast = useToast();
  const [way, setWay] = useState<Way>();
  const [typing, setTyping] = useState(false);
  const [differs, setDiffers] = useState(false);
  const keep = async (off: number, settings?: Settings): Promise<void> => {
    const { found, outing } = store.getState().view;
    if (!found) return;
    const reading = readingFrom(found, outing, off, settings);
    setWay(undefined);
    // Said once it is on the disk; what could not be kept is told above.
    if (!(await commit(keepReading(reading)))) return;
    toast({
      words: `Saved: ${off === 0 ? "it was right" : `${clicksWords(Math.abs(off))} too ${off < 0 ? "dark" : "bright"}`}`,
      undo: () => commit(dropReading(reading.id)),
    });
  };
  const high = low ? "h-14" : "h-[72px]";
  if (way) return <HowFar way={way} onCancel={() => setWay(undefined)} onOff={(off) => void keep(off)} />;
  return (
    <View className="gap-1 px-4 py-1">
      <View className="flex-row items-center justify-between">
        <Txt size={14} tone="ink2" className="min-w-0 flex-1" numberOfLines={2}>
          {readings === 0 ? "Test shot: how was it?" : `${countWords(readings, "reading")} so far. The next?`}
        </Txt>
        <Button
          label="Light differs"
          says="The light differs at this spot"
          kind="plain"
          className="px-2"
          onPress={() => setDiffers(true)}
        />
        <Button label="Other settings" kind="plain" className="-mr-2 px-2" onPress={() => setTyping(true)} />
      </View>
      <WhileRoom things="readings" count={readings}>
        <View className="flex-row gap-2">
          <Button label="Too dark" onPress={() => setWay("dark")} className={`${high} flex-1 px-1`} />
          <Button label="It was right" onPress={() => keep(0)} className={`${high} flex-1 px-1`} />
          <Button label="Too bright" onPress={() => setWay("bright")} className={`${high} flex-1 px-1`} />
        </View>
      </WhileRoom>
      <Dialog title="The light differs here" open={differs} onClose={() => setDiffers(false)}>
        {differs && (
          <Late load={loadLightDiffers} waiting="One moment">
            {(LightDiffers) => <LightDiffers onClose={() => setDiffers(false)} />}
          </Late>
        )}
      </Dialog>
      <Dialog title="A test shot" open={typing} onClose={() => setTyping(false)}>
        {typing && (
          <Late load={loadReadingForm} waiting="One moment">
            {(ReadingForm) => (
              <ReadingForm
                onKeep={(settings, clicks) => keep(clicks, settings)}
                onClose={() => setTyping(false)}
              />
            )}
          </Late>
        )}
      </Dialog>
    </View>
  );
}

interface HowFarProps {
  readonly way: Way;
  readonly onCancel: () => void;
  /** Clicks that it came out too bright; below 0 too dark. */
  readonly onOff: (clicks: number) => void;
}

/** By how many clicks a test shot came out wrong. */
const HowFar = ({ way, onCancel, onOff }: HowFarProps) => (
  <View className="gap-2 px-4 py-1" role="group" aria-label={`Too ${way} by`}>
    <View className="flex-row items-center justify-between">
      <Txt size={20} weight={700}>{`Too ${way} by how many clicks?`}</Txt>
      <Button label="Cancel" kind="plain" onPress={onCancel} />
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
          onPress={() => onOff(way === "dark" ? -clicks : clicks)}
          className="h-16 flex-1 px-0"
        />
      ))}
    </View>
  </View>
);
