import { Link } from "expo-router";
import { Pressable, View } from "react-native";
import { Txt } from "@/ui/controls/Txt";
import { STAGES, stageState, type StageKey } from "./stages";
import { useOuting } from "./outing-context";

interface Props {
  readonly stage: StageKey;
  readonly wide: boolean;
}

/** The stages as words: along the bottom edge on a phone, as a column with what is open on a wide screen. */
export function StageNav({ stage, wide }: Props) {
  const { outing, timeline, vetoed } = useOuting();
  const short = timeline.points.some((p) => p.short > 0);
  return (
    <View
      role="navigation"
      aria-label="Stages"
      className={wide ? "gap-1 py-2" : "h-16 flex-row border-t border-line bg-sheet"}
    >
      {STAGES.map(({ key, name }) => {
        const state = stageState(outing, key, { short, vetoed });
        const here = key === stage;
        return (
          <Link key={key} href={`/outing/${outing.id}/${key}`} replace asChild>
            <Pressable
              role="link"
              aria-label={`${name}: ${state.open}`}
              aria-current={here ? "page" : undefined}
              className={
                wide
                  ? `min-h-14 flex-row items-center gap-3 border-l-[5px] px-4 ${here ? "border-water bg-paper" : "border-transparent"}`
                  : `flex-auto items-center justify-center gap-1 border-t-4 ${here ? "border-water" : "border-transparent"}`
              }
            >
              <View
                className={`h-3 w-3 rounded-full border-2 ${state.settled ? "border-moss bg-moss" : here ? "border-water bg-water" : "border-ink2"}`}
              />
              <View>
                <Txt weight={here ? 700 : 400} className={wide ? "" : "text-center"}>
                  {name}
                </Txt>
                {wide && (
                  <Txt size={14} tone="ink2">
                    {state.open}
                  </Txt>
                )}
              </View>
            </Pressable>
          </Link>
        );
      })}
    </View>
  );
}
