import { useRouter, type Href } from "expo-router";
import { useEffect, useRef } from "react";
import { View } from "react-native";
import { Button } from "@/ui/controls/Button";
import { Txt } from "@/ui/controls/Txt";
import { useTour } from "../layout/tour";
import { TOUR } from "./steps";

/** The step of the tour over the screen that it speaks of: it takes its own room and covers nothing. */
export function Tour() {
  const { step = 0, go, leave, end } = useTour();
  const router = useRouter();
  const here = TOUR[Math.min(step, TOUR.length - 1)]!;
  // Who begins, or takes it up again, is brought to its screen.
  const begins = useRef(here.href);
  useEffect(() => router.push(begins.current as Href), [router]);
  const isLast = step >= TOUR.length - 1;
  const to = (next: number): void => {
    go(next);
    router.push(TOUR[next]!.href as Href);
  };
  return (
    <View role="region" aria-label="Tour" className="border-b-2 border-water bg-sheet px-4 py-1">
      <View className="flex-row items-center gap-1">
        <Txt weight={700} className="min-w-0 flex-1">
          {`${step + 1} of ${TOUR.length}: ${here.title}`}
        </Txt>
        <Button label="Leave" kind="plain" onPress={leave} />
        {step > 0 && <Button label="Back" kind="plain" onPress={() => to(step - 1)} />}
        <Button
          label={isLast ? "Done" : "Next"}
          kind="filled"
          onPress={() => (isLast ? end() : to(step + 1))}
        />
      </View>
      <Txt aria-live="polite">{here.words}</Txt>
    </View>
  );
}
