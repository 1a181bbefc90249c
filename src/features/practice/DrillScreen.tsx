import { useLocalSearchParams } from "expo-router";
import { useEffect, useMemo, useState } from "react";
import { View } from "react-native";
import { runsOf } from "@/answers/practice/runs";
import { subjectTaken } from "@/answers/library/subjects";
import { EMPTY_LIBRARY, type Outing } from "@/data";
import { createAssessments } from "@/outing/assessments";
import { ownBeginning } from "@/outing/begin/own-beginning";
import { createViews, type OutingView } from "@/outing/outing-view";
import { beginSelection, selectShot } from "@/outing/selection";
import { Message } from "@/ui/controls/Message";
import { Picker } from "@/ui/controls/Picker";
import { Txt } from "@/ui/controls/Txt";
import { dateWords } from "@/words";
import { HomeFrame } from "../layout/HomeFrame";
import { Late } from "../layout/Late";
import { useKit } from "../store/kit";
import { useOwnLibrary } from "../store/library";
import { useOutings } from "../store/outings";
import { usePreferences } from "../store/preferences";
import { useRuns } from "../store/practice";
import { Curve } from "./Curve";
import { COURSE, DRILL_ENTRIES, loadCourse } from "./drills";

interface Props {
  /** Brings what computes a new outing: it comes with the stages. */
  readonly loadBegin: () => Promise<typeof import("../forms/begin")>;
}

/** Subjects of the catalogue that may be practised on where no outing is at hand. */
const CATALOGUE = ["football-runner", "road-cyclist", "high-jumper", "tern-flying"] as const;

/** One drill: what it is played on, the drill itself, its runs over the weeks. */
export function DrillScreen({ loadBegin }: Props) {
  const { drill } = useLocalSearchParams<{ drill: string }>();
  const entry = DRILL_ENTRIES.find((d) => d.id === drill);
  const runs = useRuns();
  if (drill === COURSE)
    return (
      <HomeFrame place="practice" title="Dark or blurred">
        <View className="px-4">
          <PlayedOn loadBegin={loadBegin}>
            {(view) => (
              <Late load={loadCourse} waiting="One moment">
                {(Course) => <Course key={`${view.outing.id} ${view.shot.id}`} view={view} />}
              </Late>
            )}
          </PlayedOn>
        </View>
      </HomeFrame>
    );
  if (!entry)
    return (
      <HomeFrame place="practice" title="Practice">
        <Message title="There is no such drill" body="The six of them stand under Practice." />
      </HomeFrame>
    );
  return (
    <HomeFrame place="practice" title={entry.title}>
      <View className="gap-3 px-4">
        <PlayedOn key={entry.id} loadBegin={loadBegin}>
          {(view) => (
            <Late load={entry.load} waiting="One moment">
              {(Played) => <Played key={`${view.outing.id} ${view.shot.id}`} view={view} />}
            </Late>
          )}
        </PlayedOn>
        <Txt size={20} weight={700} role="heading" aria-level={2}>
          Over the weeks
        </Txt>
        <Curve drill={entry.id} runs={runsOf(runs, entry.id)} />
      </View>
    </HomeFrame>
  );
}

const NONE: readonly Outing[] = [];

/** An outing of one's own, or one that is made of the catalogue, and the shot that is practised on. */
function PlayedOn({ loadBegin, children }: Props & { children: (view: OutingView) => React.ReactNode }) {
  const kitRead = useKit().data;
  const preferences = usePreferences();
  const library = useOwnLibrary().own ?? EMPTY_LIBRARY;
  const outings = useOutings().data?.outings ?? NONE;
  const [made, setMade] = useState<readonly Outing[]>(NONE);
  const [chosen, setChosen] = useState<string>();
  const [shotId, setShotId] = useState<string>();
  const kit = useMemo(() => (kitRead?.ok ? kitRead.value : ownBeginning()), [kitRead]);
  useEffect(() => {
    let isWanted = true;
    void loadBegin().then(({ catalogueOuting }) => {
      if (!isWanted) return;
      const subjects = CATALOGUE.flatMap((id) => subjectTaken(id, []) ?? []);
      setMade(subjects.map((subject) => catalogueOuting(subject, kit, preferences)));
    });
    return () => {
      isWanted = false;
    };
  }, [loadBegin, kit, preferences]);
  const all = [...outings, ...made];
  const outing = all.find((o) => o.id === chosen) ?? all[0];
  const shot = outing && (outing.shots.find((s) => s.id === shotId) ?? outing.shots[0]!);
  if (!outing || !shot) return <Txt tone="ink2">One moment</Txt>;
  return (
    <View className="gap-3">
      <Looked looking={{ outing, kit, preferences, library }} shotId={shot.id}>
        {children}
      </Looked>
      <Picker
        label="Played on"
        items={all.map((o) => ({
          key: o.id,
          title: o.name,
          detail: made.includes(o) ? "of the catalogue" : dateWords(o.date, 0),
        }))}
        chosen={outing.id}
        onChoose={(id) => {
          setChosen(id);
          setShotId(undefined);
        }}
      />
      {outing.shots.length > 1 && (
        <Picker
          label="Shot"
          items={outing.shots.map((s) => ({ key: s.id, title: s.name }))}
          chosen={shot.id}
          onChoose={setShotId}
        />
      )}
    </View>
  );
}

/** An outing as it is looked at, before it begins. */
function Looked({
  looking: { outing, kit, preferences, library },
  shotId,
  children,
}: {
  looking: Pick<OutingView, "outing" | "kit" | "preferences" | "library">;
  shotId: string;
  children: (view: OutingView) => React.ReactNode;
}) {
  const view = useMemo(() => {
    const selection = selectShot(outing, beginSelection(outing), shotId);
    return createViews(createAssessments())({ outing, kit, preferences, library, selection, now: 0 });
  }, [outing, kit, preferences, library, shotId]);
  return children(view);
}
