import { useState } from "react";
import { View } from "react-native";
import { stopsAsked, stopsCosts } from "@/answers/practice/stops";
import { Button } from "@/ui/controls/Button";
import { Message } from "@/ui/controls/Message";
import { Row } from "@/ui/controls/Row";
import { Txt } from "@/ui/controls/Txt";
import { useHotkeys } from "@/ui/layout/use-hotkeys";
import { settingsWords, twoFigures } from "@/words";
import { costWords, offWords, stopsAskedWords } from "@/words/practice";
import type { DrillProps } from "../played-on";
import { Outcome } from "../Outcome";
import { useDrill } from "../use-drill";

const COUNT = 8;

/** Questions of stops about the settings of the shot, four answers each; what each would cost in this picture stands after it. */
export function StopsDrill({ view }: DrillProps) {
  const run = useDrill("stops", COUNT);
  const [chosen, setChosen] = useState<number>();
  const [began, setBegan] = useState(() => performance.now());
  const [seconds, setSeconds] = useState<number>();
  const asked = stopsAsked(view, (run.seed + run.tries.length - (chosen === undefined ? 0 : 1)) >>> 0);
  const answer = (i: number, now: number): void => {
    if (!asked || chosen !== undefined || run.isOver || !asked.options[i]) return;
    setChosen(i);
    setSeconds((now - began) / 1000);
    run.add(asked.options[i]!.off / 3);
  };
  const next = (now: number): void => {
    setChosen(undefined);
    setBegan(now);
  };
  useHotkeys({
    "1": () => answer(0, performance.now()),
    "2": () => answer(1, performance.now()),
    "3": () => answer(2, performance.now()),
    "4": () => answer(3, performance.now()),
    Enter: () => void (chosen !== undefined && next(performance.now())),
  });
  if (!asked)
    return (
      <Message
        title="This shot has no settings to ask about"
        body="Choose another shot, or plan this one from a position."
      />
    );
  const costs = chosen === undefined ? [] : stopsCosts(view, asked);
  const isDone = run.isOver && chosen === undefined;
  return (
    <View className="gap-3">
      {!isDone && (
        <>
          <Txt size={20} weight={600}>
            {stopsAskedWords(asked)}
          </Txt>
          <View role="list" aria-label="Answers">
            {asked.options.map(({ settings, off }, i) => (
              <View key={i} role="listitem">
                <Row
                  title={`${i + 1}  ${settingsWords(settings)}`}
                  detail={costs[i] && costWords(costs[i]!)}
                  value={
                    chosen === undefined ? undefined : `${offWords(off)}${chosen === i ? ", yours" : ""}`
                  }
                  valueTone={off === 0 ? "moss" : chosen === i ? "bracken" : "ink2"}
                  onPress={() => answer(i, performance.now())}
                />
              </View>
            ))}
          </View>
          {chosen !== undefined && (
            <View className="flex-row items-center gap-3">
              <Txt className="min-w-0 flex-1">{`In ${twoFigures(seconds ?? 0)} s`}</Txt>
              <Button
                label={run.isOver ? "What it says" : "Next"}
                kind="filled"
                onPress={() => next(performance.now())}
              />
            </View>
          )}
        </>
      )}
      {(isDone || !run.isOver) && <Outcome drill="stops" of={run} count={COUNT} />}
    </View>
  );
}
