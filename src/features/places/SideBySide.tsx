import { useMemo } from "react";
import { View } from "react-native";
import { besideOf, type Beside } from "@/answers/places/side-by-side";
import { EMPTY_LIBRARY, type Outing, type Preferences, type StoredKit } from "@/data";
import { createAssessments } from "@/outing/assessments";
import { createViews } from "@/outing/outing-view";
import { beginSelection } from "@/outing/selection";
import { Txt } from "@/ui/controls/Txt";
import { dateWords, evWords, percentWords, settingsWords, signedStops } from "@/words";
import { GroundSketch } from "../outing/GroundSketch";
import { useKit } from "../store/kit";
import { usePreferences } from "../store/preferences";

const besideFor = (outing: Outing, kit: StoredKit, preferences: Preferences): Beside =>
  besideOf(
    createViews(createAssessments())({
      outing,
      kit,
      preferences,
      library: EMPTY_LIBRARY,
      selection: beginSelection(outing),
      now: 0,
    }),
  );

/** Two outings of a place: light, counts, settings and positions, one beside the other. */
export function SideBySide({ outings }: { outings: readonly [Outing, Outing] }) {
  const { data } = useKit();
  const preferences = usePreferences();
  const kit = data?.ok ? data.value : undefined;
  const both = useMemo(
    () => kit && outings.map((o) => besideFor(o, kit, preferences)),
    [outings, kit, preferences],
  );
  if (!both) return <Txt>One moment</Txt>;
  const most = Math.max(...both.map((b) => b.taken), 1);
  return (
    <View className="flex-row gap-3">
      {both.map((one, i) => (
        <Column key={i} one={one} most={most} />
      ))}
    </View>
  );
}

function Column({ one, most }: { one: Beside; most: number }) {
  const { outing, ev, brighter, taken, kept } = one;
  const share = taken > 0 ? kept / taken : undefined;
  return (
    <View
      role="group"
      aria-label={`${outing.name}, ${dateWords(outing.date, 0)}`}
      className="min-w-0 flex-1 gap-1"
    >
      <Txt weight={700}>{outing.name}</Txt>
      <Txt size={14} tone="ink2">
        {dateWords(outing.date, 0)}
      </Txt>
      <GroundSketch outing={outing} scale={1.2} />
      <Txt size={14} tone="ink2">
        Light at the start
      </Txt>
      <Txt weight={600}>{ev === undefined ? "no picture yet" : evWords(ev)}</Txt>
      <Txt size={14}>
        {brighter === undefined ? "no reading" : `read ${signedStops(brighter)} stops against the plan`}
      </Txt>
      <Txt size={14} tone="ink2">
        Kept of taken
      </Txt>
      <View className="h-4 border-2 border-water" style={{ width: `${(100 * taken) / most}%` }}>
        <View className="h-full bg-water" style={{ width: `${100 * (share ?? 0)}%` }} />
      </View>
      <Txt weight={600}>
        {share === undefined ? "nothing counted" : `${kept} of ${taken}, ${percentWords(share)}`}
      </Txt>
      <View role="list" aria-label={`Shots of ${outing.name}`}>
        {one.shots.map((shot) => (
          <View key={shot.name} role="listitem" className="border-t border-line py-1">
            <Txt weight={600}>{shot.name}</Txt>
            <Txt size={14}>
              {[
                shot.position && `from ${shot.position}`,
                shot.settings && settingsWords(shot.settings),
                shot.taken > 0 && `${shot.kept} of ${shot.taken}`,
              ]
                .filter(Boolean)
                .join(" · ") || "not planned"}
            </Txt>
          </View>
        ))}
      </View>
    </View>
  );
}
