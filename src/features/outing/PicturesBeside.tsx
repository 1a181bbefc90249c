import { useEffect, useState, type ReactNode } from "react";
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
  /** Px that a picture may be high; as high as its width makes it when left out. */
  readonly high?: number;
  /** Takes what a picture shows; they are looked at alone where it is left out. */
  readonly onTake?: (one: Compared, index: number) => void;
}

interface Shown {
  readonly asked: readonly Compared[];
  readonly made: readonly RenderedPicture[];
}

/** Pictures that are made beside the page, in one row; the one that holds most frames is marked. Their words stand before them, and without them where a browser makes none. */
export function PicturesBeside({ compared, nameOf, under, best, high = Infinity, onTake }: Props) {
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
  // The last ones stand while the next are made.
  const [last, setLast] = useState<Shown>();
  if (state.kind === "done" && state.value !== last) setLast(state.value);
  const made = last?.asked.length === compared.length ? last.made : [];
  const most = Math.max(...compared.map((one) => one.there.chance));
  return (
    <ScrollView horizontal contentContainerClassName="gap-3" aria-busy={state.kind === "running"}>
      {compared.map((one, i) => {
        const isBest = compared.length > 1 && one.there.chance === most;
        const { width, height } = one.picture;
        const wide = Math.min(WIDTH, (high * width) / height);
        return (
          <Taken
            key={`${one.name} ${one.at}`}
            says={`${nameOf(one)}, ${under(one)}`}
            onTake={onTake && (() => onTake(one, i))}
          >
            {state.kind !== "failed" && (
              <View
                className={`border-b-4 ${isBest ? "border-moss" : "border-transparent"} ${made[i] ? "" : "bg-line"}`}
                style={{ width: wide, height: (wide * height) / width + 4 }}
              >
                {made[i] && (
                  <ShownPicture picture={made[i]} width={wide} label={`The same: ${nameOf(one)}`} />
                )}
              </View>
            )}
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
  readonly says: string;
  readonly onTake: (() => void) | undefined;
  readonly children: ReactNode;
}

/** A picture with its words: a button where it can be taken. */
function Taken({ says, onTake, children }: TakenProps) {
  if (!onTake) return <View style={{ width: WIDTH }}>{children}</View>;
  return (
    <Pressable
      role="button"
      aria-label={says}
      onPress={onTake}
      style={{ width: WIDTH }}
      className="active:opacity-70"
    >
      {children}
    </Pressable>
  );
}
