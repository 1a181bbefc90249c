import { useState } from "react";
import { View } from "react-native";
import { whatCounts } from "@/answers/ground/what-counts";
import type { ScoreCode } from "@/core/judge";
import { Button } from "@/ui/controls/Button";
import { Stepper } from "@/ui/controls/Stepper";
import { Txt } from "@/ui/controls/Txt";
import { intentWords, scorePartWords } from "@/words";
import { useOuting } from "../../../outing/use-outing";
import { useChangePreferences } from "../../../store/preferences";

const MOST = 5;
const STEPS = ["does not count", "counts little", "counts", "counts much", "counts very much", "above all"];
/** What counts how much where a place is judged, here and in every search: the usual for the shot's intent, changed and set back. */
export function WhatCounts() {
  const intent = useOuting((v) => v.shot.intent);
  const changed = useOuting((v) => v.preferences.weights);
  const { own, weights, codes } = useOuting(whatCounts);
  const change = useChangePreferences();
  const set = (code: ScoreCode, weight: number): void =>
    void change({ weights: { ...changed, [intent]: { ...weights, [code]: weight } } });
  const reset = (): void => {
    const { [intent]: _, ...rest } = changed ?? {};
    void change({ weights: rest });
  };
  const [open, setOpen] = useState(false);

  return (
    <View className="gap-2">
      <View className="flex-row flex-wrap items-center gap-2">
        <Button
          label={open ? "Fold what counts" : "What counts"}
          kind="plain"
          onPress={() => setOpen(!open)}
        />
        {own && <Button label="As usual again" onPress={() => reset()} />}
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
              onChange={(weight) => set(code, weight)}
            />
          ))}
        </View>
      )}
    </View>
  );
}
