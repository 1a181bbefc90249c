import { useMemo, useState } from "react";
import { View } from "react-native";
import { blurAsked, blurCauses, blurPictures } from "@/answers/practice/blur";
import { Button } from "@/ui/controls/Button";
import { Message } from "@/ui/controls/Message";
import { Segmented } from "@/ui/controls/Segmented";
import { Txt } from "@/ui/controls/Txt";
import { useHotkeys } from "@/ui/layout/use-hotkeys";
import { shutterWords } from "@/words";
import { causeWords } from "@/words/practice";
import type { DrillProps } from "../played-on";
import { Outcome } from "../Outcome";
import { TwoPictures } from "../TwoPictures";
import { useDrill } from "../use-drill";
import { figureOf } from "@/answers/frame/figure-of";

const COUNT = 6;
const ASKS = [
  { key: "shutter", label: "Which shutter" },
  { key: "cause", label: "What moved" },
] as const;
type Asks = (typeof ASKS)[number]["key"];

/** A rendered pair: the picture that came out, and a sharp one; which shutter it was, or what made it soft. */
export function BlurDrill({ view }: DrillProps) {
  const run = useDrill("blur", COUNT, "shutter");
  const asks: Asks = run.by === "cause" ? "cause" : "shutter";
  const [chosen, setChosen] = useState<number>();
  const n = run.tries.length - (chosen === undefined ? 0 : 1);
  const asked = blurAsked(view, (run.seed + n) >>> 0);
  const pictures = useMemo(
    () => asked && blurPictures(view, asked, asks, figureOf(view)),
    // What is asked hangs on the seed and on how far the run is.
    // eslint-disable-next-line react-hooks/exhaustive-deps
    [view, run.seed, n, asks],
  );
  const options = asked
    ? asks === "shutter"
      ? asked.shutters.map((s) => shutterWords(s))
      : blurCauses().map(causeWords)
    : [];
  const right = asked
    ? asks === "shutter"
      ? asked.shutters.indexOf(asked.shutter)
      : blurCauses().indexOf(asked.cause)
    : -1;
  const answer = (i: number): void => {
    if (!asked || chosen !== undefined || run.isOver || options[i] === undefined) return;
    setChosen(i);
    // Shutters lie a stop apart; a cause that is wrong counts as one.
    run.add(asks === "shutter" ? i - right : i === right ? 0 : 1);
  };
  const next = (): void => setChosen(undefined);
  useHotkeys({
    "1": () => answer(0),
    "2": () => answer(1),
    "3": () => answer(2),
    "4": () => answer(3),
    Enter: () => void (chosen !== undefined && next()),
  });
  if (!asked || !pictures)
    return (
      <Message
        title="This shot has no picture"
        body="Choose another shot, or plan this one from a position."
      />
    );
  const isDone = run.isOver && chosen === undefined;
  return (
    <View className="gap-3">
      <Segmented label="What is asked" segments={ASKS} chosen={asks} onChoose={(by) => run.again(by)} />
      {!isDone && (
        <>
          <TwoPictures
            pictures={pictures}
            labels={["As it came out", "Sharp"]}
            of={`${run.seed} ${n} ${asks}`}
          />
          <View role="list" aria-label="Answers" className="flex-row flex-wrap gap-2">
            {options.map((words, i) => (
              <View key={words} role="listitem">
                <Button
                  label={words}
                  kind={chosen === undefined ? "outlined" : i === right ? "filled" : "plain"}
                  onPress={() => answer(i)}
                />
              </View>
            ))}
          </View>
          {chosen !== undefined && (
            <View className="flex-row items-center gap-3" role="status">
              <Txt className="min-w-0 flex-1" weight={600}>
                {chosen === right ? `Right: ${options[right]!}` : `It was ${options[right]!}`}
              </Txt>
              <Button label={run.isOver ? "What it says" : "Next"} kind="filled" onPress={next} />
            </View>
          )}
        </>
      )}
      {(isDone || !run.isOver) && <Outcome drill="blur" of={run} count={COUNT} />}
    </View>
  );
}
