import { useState } from "react";
import { View } from "react-native";
import { Button } from "@/ui/controls/Button";
import { Segmented } from "@/ui/controls/Segmented";
import { Txt } from "@/ui/controls/Txt";
import { countWords } from "@/words";
import { lineWords, meetSaid } from "@/words/connected";
import { useOpenOuting, useOuting } from "../../../outing/use-outing";
import { useMeet } from "./meet-store";

const SPEEDS = [
  { key: "1", label: "As it is" },
  { key: "60", label: "60 ×" },
  { key: "600", label: "600 ×" },
];

/** A meet that plays the programme: calls, delays, scratchings and results change it as they come. */
export function MeetLine() {
  const open = useOpenOuting();
  const programme = useOuting((v) => v.outing.programme);
  const { state, heard, cuts, last, join, leave } = useMeet();
  const [speed, setSpeed] = useState("60");
  const on = state === "on" || state === "joining" || state === "cut-off";
  const nameOf = (id: string): string => programme?.find((e) => e.id === id)?.name ?? "an event";
  if (!programme?.length)
    return <Txt tone="ink2">A meet plays the programme: bring in a list under Brief first.</Txt>;
  return (
    <View role="group" aria-label="A meet" className="gap-2">
      <Txt weight={700}>A meet, a stand-in</Txt>
      <Txt tone={state === "failed" || state === "not-kept" ? "bracken" : "ink2"} aria-live="polite">
        {lineWords("meet", state)}
      </Txt>
      {heard > 0 && (
        <Txt>
          {`${countWords(heard, "message")} heard${cuts > 0 ? `, the line was cut ${countWords(cuts, "time")}` : ""}.`}
        </Txt>
      )}
      {last && (last.name === "delay" || last.name === "scratch" || last.name === "result") && (
        <Txt weight={600}>{meetSaid(last, nameOf)}</Txt>
      )}
      {!on && (
        <Segmented label="How fast it is played" segments={SPEEDS} chosen={speed} onChoose={setSpeed} />
      )}
      <Button
        label={on ? "Leave the meet" : "Join the meet"}
        kind={on ? "plain" : "outlined"}
        onPress={on ? leave : () => void join(open, { speed: Number(speed), seed: 1, drops: 2 })}
      />
      {!on && (
        <Txt size={14} tone="ink2">
          Undo takes back what it changed; the record before it is among the earlier states.
        </Txt>
      )}
    </View>
  );
}
