import { useEffect } from "react";
import { View } from "react-native";
import type { PictureInput } from "@/core/picture";
import { Txt } from "@/ui/controls/Txt";
import type { RenderedPicture } from "@/workers/long-work";
import { ShownPicture } from "../outing/ShownPicture";
import { useRun } from "../outing/use-run";

interface Props {
  readonly pictures: readonly PictureInput[] | undefined;
  /** What is said of each. */
  readonly labels: readonly string[];
  /** Made anew when this changes. */
  readonly of: string;
}

/** Pictures beside one another, made beside the page. */
export function TwoPictures({ pictures, labels, of }: Props) {
  const { state, start } = useRun<readonly RenderedPicture[]>();
  useEffect(() => {
    if (pictures && pictures.length > 0) void start("pictures", pictures, (made) => made);
    // What is asked decides; the pictures are made of it.
    // eslint-disable-next-line react-hooks/exhaustive-deps
  }, [of]);
  if (!pictures || pictures.length === 0) return null;
  if (state.kind === "failed") return <Txt tone="ink2">This browser makes no pictures beside the page.</Txt>;
  if (state.kind !== "done") return <Txt tone="ink2">Making the pictures</Txt>;
  return (
    <View className="flex-row flex-wrap gap-3">
      {state.value.map((picture, i) => (
        <View key={i} className="gap-1">
          <ShownPicture picture={picture} width={Math.min(300, picture.width)} label={labels[i] ?? ""} />
          <Txt size={14} tone="ink2">
            {labels[i] ?? ""}
          </Txt>
        </View>
      ))}
    </View>
  );
}
