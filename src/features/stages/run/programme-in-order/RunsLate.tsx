import { useState } from "react";
import { View } from "react-native";
import { shiftEvents } from "@/outing/edits";
import { timedProgramme } from "@/outing/programme/event-times";
import { delayEvent, heldUp } from "@/outing/programme/runs-late";
import { Button } from "@/ui/controls/Button";
import { Picker } from "@/ui/controls/Picker";
import { Txt } from "@/ui/controls/Txt";
import { everythingLaterWords, heldUpWords, laterWords } from "@/words/programme";
import { useOuting } from "../../../outing/use-outing";
import { useToldChange } from "../../../outing/use-told-change";
import { wallOf } from "../../shot/titles";

const MINUTES = [5, 10, 20, 30];
const EVERYTHING = "";

/** Late in two presses: from the next event on everything moves; or one event, and what hangs on it. The day is ordered anew. */
export function RunsLate() {
  const outing = useOuting((v) => v.outing);
  const at = useOuting((v) => v.at);
  const told = useToldChange();
  const [asked, setAsked] = useState(false);
  const [what, setWhat] = useState(EVERYTHING);
  const coming = timedProgramme(outing).filter((e) => e.ends > at);
  const event = coming.find((e) => e.id === what);
  const nameOf = (id: string): string => coming.find((e) => e.id === id)?.name ?? "";
  const late = (minutes: number): void => {
    setAsked(false);
    setWhat(EVERYTHING);
    const ids = coming.map((e) => e.id);
    if (event)
      void told(
        delayEvent(event.id, minutes, at),
        laterWords(event.name, minutes, heldUp(outing, event.id, minutes).size - 1),
      );
    else void told(shiftEvents(ids, minutes), everythingLaterWords(ids.length, minutes));
  };
  if (coming.length === 0) return null;
  if (!asked) return <Button label="It runs late" onPress={() => setAsked(true)} />;
  return (
    <View role="group" aria-label="Late by" className="gap-2">
      <Picker
        label="What is late"
        items={[
          { key: EVERYTHING, title: "Everything from now on" },
          ...coming.map((e) => ({
            key: e.id,
            title: e.name,
            detail: e.starts <= at ? "on now" : wallOf({ outing }, e.starts),
          })),
        ]}
        chosen={what}
        onChoose={setWhat}
      />
      {event && (
        <Txt tone="ink2">
          {heldUpWords(
            [...heldUp(outing, event.id, MINUTES.at(-1)!).keys()].filter((id) => id !== event.id).map(nameOf),
          )}
        </Txt>
      )}
      <Txt weight={700}>{event ? `${event.name} is later by` : "From now on everything is later by"}</Txt>
      <View className="flex-row gap-2">
        {MINUTES.map((minutes) => (
          <Button
            key={minutes}
            label={`${minutes}\u00a0min`}
            says={`${minutes} min`}
            className="h-16 flex-1 px-0"
            onPress={() => late(minutes)}
          />
        ))}
      </View>
      <Button label="Cancel" kind="plain" onPress={() => setAsked(false)} />
    </View>
  );
}
