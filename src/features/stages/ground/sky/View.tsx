import { View } from "react-native";
import { lightAsPlanned } from "@/outing/edits";
import { Button } from "@/ui/controls/Button";
import { Txt } from "@/ui/controls/Txt";
import { takenWords } from "@/words/light-today";
import { useOuting } from "../../../outing/use-outing";
import { useToldChange } from "../../../outing/use-told-change";
import { wallOf } from "../../shot/titles";
import type { OutingView } from "@/outing/outing-view";
import { lampClassWords } from "@/words";
import { CloudField, cloudWords } from "./CloudField";
import { LampsField } from "./LampsField";

/** The sky and the lamps of the outing, in a line. */
export const skyAnswer = ({ outing: { light } }: OutingView): string =>
  [
    light.roof ? "" : light.cloudHours ? "cloud by the hour" : cloudWords(light.cloudEighths),
    light.lamps ? lampClassWords(light.lamps.class) : "",
    light.taken ? "as measured" : "",
  ]
    .filter(Boolean)
    .join(", ");

/** How the sky is, and when and how bright the lamps burn. */
export function SkyAndLamps() {
  const roofed = useOuting((v) => v.outing.light.roof !== undefined);
  return (
    <>
      {!roofed && <CloudField />}
      <LampsField />
      <TakenLight />
    </>
  );
}

/** What the day's light was taken to be once it was measured, and the way back to the plan. */
function TakenLight() {
  const outing = useOuting((v) => v.outing);
  const told = useToldChange();
  const words = takenWords(outing.light.taken ?? {}, (at) => wallOf({ outing }, at));
  if (words.length === 0) return null;
  return (
    <View role="group" aria-label="The light as it was measured" className="flex-row items-center gap-2">
      <Txt className="min-w-0 flex-1">{`${words.join(". ")}.`}</Txt>
      <Button label="As planned" onPress={() => void told(lightAsPlanned, "The light is as planned again")} />
    </View>
  );
}
