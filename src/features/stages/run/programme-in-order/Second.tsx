import { useState } from "react";
import { View } from "react-native";
import { timedProgramme } from "@/outing/programme/event-times";
import { shareOut } from "@/outing/programme/shared-out";
import { Button } from "@/ui/controls/Button";
import { Txt } from "@/ui/controls/Txt";
import { countWords } from "@/words";
import { useOpenOuting, useOuting } from "../../../outing/use-outing";
import { useToldChange } from "../../../outing/use-told-change";
import { wallOf } from "../../shot/titles";
import { ordering } from "./order";

/** A second photographer: what one leaves out goes to them, in the order that gets most of it; taken back by a press. */
export function Second() {
  const outing = useOuting((v) => v.outing);
  const told = useToldChange();
  const theirs = timedProgramme(outing).filter((e) => e.by === "second");
  if (theirs.length === 0) return <ShareOut />;
  return (
    <View className="gap-1">
      <Txt weight={700}>{`The second photographer: ${countWords(theirs.length, "event")}`}</Txt>
      <View role="list" aria-label="For the second photographer">
        {theirs.map((event) => (
          <View key={event.id} role="listitem">
            <Txt>{`${wallOf({ outing }, event.starts)} ${event.name}`}</Txt>
          </View>
        ))}
      </View>
      <Txt size={14} tone="ink2">
        Their file is under Programme, in Brief.
      </Txt>
      <Button
        label="Take all back"
        kind="plain"
        onPress={() => void told(shareOut(undefined), "All events are yours again")}
      />
    </View>
  );
}

function ShareOut() {
  const { store } = useOpenOuting();
  const forSecond = ordering.useSlice((s) => s.forSecond);
  const told = useToldChange();
  const [state, setState] = useState<"open" | "asking" | "nothing">("open");
  const share = async (): Promise<void> => {
    setState("asking");
    const second = await forSecond(store.getState().view);
    const ids = new Set(second?.visits.map((v) => v.eventId));
    setState(ids.size === 0 ? "nothing" : "open");
    if (second && ids.size > 0)
      await told(shareOut(second), `${countWords(ids.size, "event")} for the second photographer`);
  };
  return (
    <View className="gap-1">
      <Button
        label={state === "asking" ? "Sharing out" : "Share with a second photographer"}
        onPress={() => void share()}
      />
      {state === "nothing" && (
        <Txt tone="ink2">Nothing that is left out could be had by a second one either.</Txt>
      )}
    </View>
  );
}
