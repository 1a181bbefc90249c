import { useState } from "react";
import { View } from "react-native";
import { flicker, modulationSeen } from "@/answers/expose/flicker";
import { Button } from "@/ui/controls/Button";
import { Segmented } from "@/ui/controls/Segmented";
import { Stepper } from "@/ui/controls/Stepper";
import { Txt } from "@/ui/controls/Txt";
import { bandsSentence, calmWords, flickerSentence, percentWords, shutterWords, stopsNoun } from "@/words";
import { setLamps } from "@/outing/edits";
import { useCommit, useFound, useOuting } from "../../../outing/use-outing";
import { SumText } from "../../reasons/SumText";

const MAINS = [
  { key: "50", label: "50 Hz" },
  { key: "60", label: "60 Hz" },
] as const;
const STEP = 0.05;

/** Lamps on alternating current: how far frames differ, bands, safe shutters; the depth of it typed, or from two frames. */
export function Flicker() {
  const answer = useOuting(flicker);
  const shutter = useFound((f) => f.settings.settings.shutter);
  const commit = useCommit();
  const [stopsApart, setApart] = useState(3);
  if (!answer) return null;
  const { mainsHz, mains, modulation } = answer;
  const set = (edit: Partial<{ mainsHz: 50 | 60; modulation: number }>): void =>
    void commit(setLamps({ flicker: { mainsHz, modulation, ...edit } }));
  const bands = bandsSentence(answer.flicker);
  const measured = modulationSeen(answer, shutter, stopsApart / 3);
  return (
    <View className="gap-3">
      <View aria-live="polite">
        <SumText
          of={["flicker", "apart"]}
          title="Frames apart"
          words={flickerSentence(answer.flicker)}
          size={20}
          weight={600}
        />
      </View>
      {bands && <SumText of={["flicker", "bands"]} title="Bands" words={bands} />}
      <Txt>{calmWords(answer)}</Txt>
      <Segmented
        label={mains === "ask" ? "Mains: both are found here, ask" : "Mains"}
        segments={MAINS}
        chosen={String(mainsHz) as "50" | "60"}
        onChoose={(key) => set({ mainsHz: key === "50" ? 50 : 60 })}
      />
      <Stepper
        label="How deep the lamps flicker"
        value={Math.round(modulation / STEP)}
        words={percentWords(modulation)}
        min={0}
        max={1 / STEP}
        onChange={(steps) => set({ modulation: steps * STEP })}
      />
      <Stepper
        label={`Brightest against darkest of ten frames at ${shutterWords(shutter)}`}
        value={stopsApart}
        words={`${stopsNoun(stopsApart)} apart`}
        min={0}
        max={12}
        onChange={setApart}
      />
      {measured === undefined ? (
        <Txt tone="ink2">{`${shutterWords(shutter)} takes whole periods of the lamps and shows none: measure at a faster one.`}</Txt>
      ) : (
        <Button
          label={`Take ${percentWords(measured)} from these frames`}
          onPress={() => set({ modulation: Math.round(measured / STEP) * STEP })}
        />
      )}
    </View>
  );
}
