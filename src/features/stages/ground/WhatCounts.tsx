import { useState } from "react";
import { View } from "react-native";
import { weightsFor, type ScoreCode } from "@/core/judge";
import { Button } from "@/ui/controls/Button";
import { Stepper } from "@/ui/controls/Stepper";
import { Txt } from "@/ui/controls/Txt";
import { intentWords, scorePartWords } from "@/words";
import { useOuting } from "../../outing/use-outing";
import { useWeights } from "./use-weights";

const MOST = 5;
const STEPS = ["does not count", "counts little", "counts", "counts much", "counts very much", "above all"];
/** Parts that a search cannot judge: nobody said where one walks from. */
const LEFT_OUT: readonly ScoreCode[] = ["walk"];

/** What counts how much where places are looked for: the usual for the shot's intent, changed and set back. */
export function WhatCounts() {
  const intent = useOuting((v) => v.shot.intent);
  const { changed, set, reset } = useWeights();
  const [open, setOpen] = useState(false);
  const own = changed[intent];
  const weights = own ?? weightsFor(intent);
  const codes = (Object.keys(weights) as ScoreCode[]).filter((code) => !LEFT_OUT.includes(code));
  return (
    <View className="gap-2">
      <View className="flex-row flex-wrap items-center gap-2">
        <Button
          label={open ? "Fold what counts" : "What counts"}
          kind="plain"
          onPress={() => setOpen(!open)}
        />
        {own && <Button label="As usual again" onPress={() => reset(intent)} />}
        {own && <Txt size={14} tone="ink2">{`Your own weights for ${intentWords(intent)}`}</Txt>}
      </View>
      {open && (
        <View role="group" aria-label="What counts in the search" className="gap-2">
          {codes.map((code) => (
            <Stepper
              key={code}
              label={scorePartWords(code)}
              value={weights[code]}
              words={STEPS[Math.round(weights[code])]!}
              min={0}
              max={MOST}
              onChange={(weight) => set(intent, code, weight)}
            />
          ))}
        </View>
      )}
    </View>
  );
}
