import { useOuting } from "../../../outing/use-outing";
import type { OutingView } from "@/outing/outing-view";
import { lampClassWords } from "@/words";
import { CloudField, cloudWords } from "./CloudField";
import { LampsField } from "./LampsField";

/** The sky and the lamps of the outing, in a line. */
export const skyAnswer = ({ outing: { light } }: OutingView): string =>
  [
    light.roof ? "" : light.cloudHours ? "cloud by the hour" : cloudWords(light.cloudEighths),
    light.lamps ? lampClassWords(light.lamps.class) : "",
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
    </>
  );
}
