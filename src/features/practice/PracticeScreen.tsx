import { Link } from "expo-router";
import { Pressable, View } from "react-native";
import { runsOf } from "@/answers/practice/runs";
import { Txt } from "@/ui/controls/Txt";
import { runWords } from "@/words/practice";
import { RecordHistory } from "../history/RecordHistory";
import { HomeFrame } from "../layout/HomeFrame";
import { UnreadableRecord } from "../layout/UnreadableRecord";
import { useKept } from "../store/kept";
import { useRuns } from "../store/practice";
import { COURSE, DRILL_ENTRIES } from "./drills";

/** Six drills of two minutes, each on the real geometry of an outing. */
export function PracticeScreen() {
  const { data } = useKept("practice");
  const runs = useRuns();
  return (
    <HomeFrame place="practice" title="Practice">
      <View className="px-4">
        {data && !data.ok && data.reason === "unreadable" && (
          <UnreadableRecord name="practice" stored={data.unreadable} />
        )}
        <Txt tone="ink2">Two minutes each, on your own outings or the catalogue.</Txt>
        <Link href={`/practice/${COURSE}`} asChild>
          <Pressable
            role="link"
            aria-label="Dark or blurred pictures"
            className="min-h-16 justify-center gap-1 py-2 active:opacity-70"
          >
            <Txt size={20} weight={700} tone="water">
              Dark or blurred pictures?
            </Txt>
            <Txt>four short lessons on your own settings and kit, to a set for your camera</Txt>
          </Pressable>
        </Link>
        <View role="list" aria-label="Drills" className="pt-2">
          {DRILL_ENTRIES.map(({ id, title, line }) => {
            const last = runsOf(runs, id).at(-1);
            return (
              <View key={id} role="listitem" className="border-t border-line">
                <Link href={`/practice/${id}`} asChild>
                  <Pressable
                    role="link"
                    aria-label={title}
                    className="min-h-16 justify-center gap-1 py-2 active:opacity-70"
                  >
                    <Txt size={20} weight={700} tone="water">
                      {title}
                    </Txt>
                    <Txt>{line}</Txt>
                    {last && (
                      <Txt size={14} tone="ink2">
                        {runWords(id, last.measured)}
                      </Txt>
                    )}
                  </Pressable>
                </Link>
              </View>
            );
          })}
        </View>
        <RecordHistory name="practice" />
      </View>
    </HomeFrame>
  );
}
