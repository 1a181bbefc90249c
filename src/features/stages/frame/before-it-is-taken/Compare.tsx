import { useMemo } from "react";
import { wallTimeOf } from "@/data";
import { comparedPictures, otherwise, type ComparedBy } from "@/answers/frame/compared";
import { besideOf, figureOf } from "@/answers/frame/figure-of";
import { Txt } from "@/ui/controls/Txt";
import { shutterWords, timeWords } from "@/words";
import { PicturesBeside } from "../../../outing/PicturesBeside";
import { useOuting } from "../../../outing/use-outing";
import { comesOutWords } from "./comes-out-words";

const NONE: Readonly<Record<ComparedBy, string>> = {
  place: "No other position gives this picture. Put one on Ground.",
  hour: "The outing has no other hour for it.",
  lens: "No other lens of the bag gives this picture.",
};

/** The same shot from elsewhere, later or with another lens, beside each other; the one that holds most frames is marked. */
export function Compare({ by, withOthers }: { by: ComparedBy; withOthers: boolean }) {
  const { input, outing, bag, rig, window } = useOuting((v) => v);
  const compared = useMemo(
    () =>
      comparedPictures(otherwise({ input, outing, bag, rig, window }, by), outing, (seen) => ({
        figure: figureOf(seen),
        beside: withOthers ? besideOf(seen) : [],
      })),
    [by, input, outing, bag, rig, window, withOthers],
  );
  if (compared.length === 0) return <Txt tone="ink2">{NONE[by]}</Txt>;
  return (
    <PicturesBeside
      compared={compared}
      nameOf={({ name, at }) => name ?? timeWords(wallTimeOf(at, outing.timeZone))}
      under={({ shutter, there }) => `${shutterWords(shutter)}, ${comesOutWords(there)}`}
      best="Holds most"
    />
  );
}
