import { useEffect, type ReactNode } from "react";
import { Pressable, ScrollView, View } from "react-native";
import type { Compared } from "@/answers/frame/compared";
import { Txt } from "@/ui/controls/Txt";
import type { RenderedPicture } from "@/workers/long-work";
import { ShownPicture } from "./ShownPicture";
import { useRun } from "./use-run";

/** Px of one of the pictures. */
const WIDTH = 168;

interface Props {
  /** Kept from one drawing to the next while it asks for the same. */
  readonly compared: readonly Compared[];
  readonly nameOf: (one: Compared) => string;
  /** What is said under the name. */
  readonly under: (one: Compared) => string;
  /** Said of the one that holds most frames, where there are several. */
  readonly best: string;
  /** Takes what a picture shows; they are looked at alone where it is left out. */
  readonly onTake?: (one: Compared, index: number) => void;
}

interface Shown {
  readonly asked: readonly Compared[];
  readonly made: readonly RenderedPicture[];
}

/** Pictures that are made beside the page, in one row; the one that holds most frames is marked. */
export function PicturesBeside({ compared, nameOf, under, best, onTake }: Props) {
  const { state, start } = useRun<Shown>();
  useEffect(() => {
    void start(
      "pictures",
      compared.map((one) => one.picture),
      (made) => ({ asked: compared, made }),
    );
    // `start` is made anew at each drawing; what is asked decides.
    // eslint-disable-next-line react-hooks/exhaustive-deps
  }, [compared]);
  if (state.kind === "failed") return <Txt tone="ink2">This browser could not make these pictures.</Txt>;
  if (state.kind !== "done") return <Txt tone="ink2">One moment</Txt>;
  const { asked, made } = state.value;
  const most = Math.max(...asked.map((one) => one.there.chance));
  return (
    <ScrollView horizontal contentContainerClassName="gap-3">
      {asked.map((one, i) => {
        const isBest = asked.length > 1 && one.there.chance === most;
        return (
          <Taken key={`${one.name} ${one.at}`} name={nameOf(one)} onTake={onTake && (() => onTake(one, i))}>
            <View className={isBest ? "border-b-4 border-moss" : "border-b-4 border-transparent"}>
              <ShownPicture picture={made[i]!} width={WIDTH} label={`The same: ${nameOf(one)}`} />
            </View>
            <Txt weight={700} tone={onTake ? "water" : "ink"}>
              {nameOf(one)}
            </Txt>
            <Txt size={14} tone="ink2">
              {isBest ? `${under(one)}. ${best}` : under(one)}
            </Txt>
          </Taken>
        );
      })}
    </ScrollView>
  );
}

interface TakenProps {
  readonly name: string;
  readonly onTake: (() => void) | undefined;
  readonly children: ReactNode;
}

/** A picture with its words: a button where it can be taken. */
function Taken({ name, onTake, children }: TakenProps) {
  if (!onTake) return <View style={{ width: WIDTH }}>{children}</View>;
  return (
    <Pressable
      role="button"
      aria-label={`Take it: ${name}`}
      onPress={onTake}
      style={{ width: WIDTH }}
      className="active:opacity-70"
    >
      {children}
    </Pressable>
  );
}
