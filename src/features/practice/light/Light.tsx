import { useMemo, useState } from "react";
import { View } from "react-native";
import { biasOf, lightScene, minuteOf } from "@/answers/practice/light";
import { previewsOf } from "@/answers/frame/before-it-is-taken";
import { wallTimeOf } from "@/data";
import { createAssessments } from "@/outing/assessments";
import { createViews } from "@/outing/outing-view";
import { Button } from "@/ui/controls/Button";
import { Message } from "@/ui/controls/Message";
import { Stepper } from "@/ui/controls/Stepper";
import { Txt } from "@/ui/controls/Txt";
import { evWords, signedStops, timeWords } from "@/words";
import { biasWords, sceneWords } from "@/words/practice";
import type { DrillProps } from "../played-on";
import { Outcome } from "../Outcome";
import { TwoPictures } from "../TwoPictures";
import { useDrill } from "../use-drill";
import { figureOf } from "@/answers/frame/figure-of";

const COUNT = 8;
/** Where the guess begins: between a hall and the sun. */
const BEGIN = 10;

/** Name the EV of a scene of the outing that is told and rendered; bias by kind of light. */
export function LightDrill({ view }: DrillProps) {
  const run = useDrill("light", COUNT);
  const [guess, setGuess] = useState(2 * BEGIN);
  const [told, setTold] = useState<number>();
  const n = run.tries.length - (told === undefined ? 0 : 1);
  const seen = useMemo(() => {
    const at = minuteOf(view, (run.seed + n) >>> 0);
    const { outing, kit, preferences, library, selection, now } = view;
    const views = createViews(createAssessments());
    return views({
      outing,
      kit,
      preferences,
      library,
      now,
      selection: { ...selection, minute: { at, live: false } },
    });
  }, [view, run.seed, n]);
  const scene = lightScene(seen);
  if (!scene)
    return (
      <Message
        title="This shot has no picture"
        body="Choose another shot, or plan this one from a position."
      />
    );
  const shown = previewsOf(seen, figureOf(seen))?.pictures.find((p) => p.of === "chosen")?.picture;
  const answer = (): void => {
    const off = guess / 2 - scene.ev;
    setTold(off);
    run.add(off, scene.kind);
  };
  const isDone = run.isOver && told === undefined;
  return (
    <View className="gap-3">
      {!isDone && (
        <>
          <Txt size={20} weight={600}>
            {sceneWords(scene, timeWords(wallTimeOf(scene.at, seen.outing.timeZone)))}
          </Txt>
          <TwoPictures pictures={shown && [shown]} labels={["exposed right"]} of={`${run.seed} ${n}`} />
          {told === undefined ? (
            <>
              <Stepper
                label="EV at ISO 100"
                value={guess}
                words={evWords(guess / 2)}
                min={-8}
                max={34}
                onChange={setGuess}
              />
              <Button label="That is it" kind="filled" onPress={answer} />
            </>
          ) : (
            <View className="flex-row items-center gap-3" role="status">
              <Txt className="min-w-0 flex-1" weight={600}>
                {`It is ${evWords(scene.ev)}: ${signedStops(told)} stops`}
              </Txt>
              <Button
                label={run.isOver ? "What it says" : "Next"}
                kind="filled"
                onPress={() => setTold(undefined)}
              />
            </View>
          )}
        </>
      )}
      {(isDone || !run.isOver) && <Outcome drill="light" of={run} count={COUNT} />}
      {isDone && (
        <View role="list" aria-label="By kind of light">
          {biasOf(run.tries.map((off, i) => ({ kind: run.told[i] ?? "", off }))).map(
            ({ kind, mean, guesses }) => (
              <View key={kind} role="listitem" className="border-b border-line py-2">
                <Txt>{biasWords(kind, mean, guesses)}</Txt>
              </View>
            ),
          )}
        </View>
      )}
    </View>
  );
}
