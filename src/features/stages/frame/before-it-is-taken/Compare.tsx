import { useEffect } from "react";
import { View } from "react-native";
import { wallTimeOf } from "@/data";
import { comparedPictures, type Compared, type ComparedBy } from "@/answers/frame/compared";
import { Txt } from "@/ui/controls/Txt";
import { shutterWords, timeWords } from "@/words";
import type { RenderedPicture } from "@/workers/long-work";
import { besideOf, figureOf } from "@/answers/frame/figure-of";
import { ShownPicture } from "../../../outing/ShownPicture";
import { useOuting } from "../../../outing/use-outing";
import { useRun } from "../../../outing/use-run";
import { comesOutWords } from "./comes-out-words";

const NONE: Readonly<Record<ComparedBy, string>> = {
  place: "No other position gives this picture. Put one on Ground.",
  hour: "The outing has no other hour for it.",
  lens: "No other lens of the bag gives this picture.",
};

/** Px of one of the pictures. */
const WIDTH = 168;

interface Shown {
  readonly asked: readonly Compared[];
  readonly made: readonly RenderedPicture[];
}

/** The same shot from elsewhere, later or with another lens, beside each other; the one that holds most frames is marked. */
export function Compare({ by, withOthers }: { by: ComparedBy; withOthers: boolean }) {
  const view = useOuting((v) => v);
  const { state, start } = useRun<Shown>();
  const { input, outing, bag, rig, window } = view;
  useEffect(() => {
    const asked = comparedPictures({ input, outing, bag, rig, window }, by, (seen) => ({
      figure: figureOf(seen),
      beside: withOthers ? besideOf(seen) : [],
    }));
    void start(
      "pictures",
      asked.map((one) => one.picture),
      (made) => ({ asked, made }),
    );
    // `start` is made anew at each drawing; what is asked decides.
    // eslint-disable-next-line react-hooks/exhaustive-deps
  }, [by, input, outing, bag, rig, window, withOthers]);
  const shown = state.kind === "done" ? state.value : undefined;
  const most = shown ? Math.max(...shown.asked.map((one) => one.there.chance)) : 0;
  return (
    <View className="gap-2">
      {state.kind === "running" && <Txt tone="ink2">One moment</Txt>}
      {state.kind === "failed" && (
        <Txt tone="ink2">
          These pictures could not be made. Press another comparison, then this one again.
        </Txt>
      )}
      {shown?.asked.length === 0 && <Txt tone="ink2">{NONE[by]}</Txt>}
      {shown && (
        <View className="flex-row flex-wrap gap-3">
          {shown.asked.map((one, i) => {
            const name = one.name ?? timeWords(wallTimeOf(one.at, outing.timeZone));
            const picture = shown.made[i]!;
            return (
              <View key={`${name} ${one.at}`} style={{ width: WIDTH }}>
                <ShownPicture picture={picture} width={WIDTH} label={`The same: ${name}`} />
                <Txt weight={700}>{name}</Txt>
                <Txt size={14} tone="ink2">
                  {`${shutterWords(one.shutter)}, ${comesOutWords(one.there)}${one.there.chance === most && shown.asked.length > 1 ? ". Holds most" : ""}`}
                </Txt>
              </View>
            );
          })}
        </View>
      )}
    </View>
  );
}
