import { View } from "react-native";
import { evidenceOf } from "@/answers/review/frames/evidence";
import type { Outing } from "@/data";
import { learnFrom } from "@/outing/edits";
import { asNow, LEARNT_KEYS, learntFrom, switched, walkedOf } from "@/outing/learnt/learnt";
import { Button } from "@/ui/controls/Button";
import { CheckRow } from "@/ui/controls/CheckRow";
import { Txt } from "@/ui/controls/Txt";
import { learntLine, learntTitle } from "@/words/learnt";
import { yoursWords } from "@/words/yours";
import { useCommit, useOpenOuting, useOuting } from "../../../outing/use-outing";
import { useChangeStored, useOutings } from "../../../store/outings";
import { useChangePreferences } from "../../../store/preferences";
import { useDay } from "../frames/use-day";
import { ZonesFound } from "./ZonesFound";

const NONE: readonly Outing[] = [];

/** What one's own frames say of hands, ISO and keepers: each is used after a press, and forgotten by outing. */
export function LearntHere() {
  const { store } = useOpenOuting();
  const outing = useOuting((v) => v.outing);
  const inUse = useOuting((v) => v.preferences.learnt) ?? {};
  const commit = useCommit();
  const change = useChangePreferences();
  const changeStored = useChangeStored();
  const { data } = useOutings();
  const { bursts } = useDay();
  const others = (data?.outings ?? NONE).filter((o) => o.id !== outing.id);
  const all = learntFrom([outing, ...others]);
  /** What is in use follows the outings behind it. */
  const follow = (outings: readonly Outing[]): void => {
    const next = asNow(inUse, learntFrom(outings));
    if (Object.keys(inUse).length > 0) void change({ learnt: next });
  };
  const learn = async (): Promise<void> => {
    const edit = learnFrom(evidenceOf(store.getState().view, bursts));
    if (await commit(edit)) follow([edit(outing), ...others]);
  };
  const forget = async (id: string): Promise<void> => {
    const edit = learnFrom(undefined);
    const isGone = id === outing.id ? await commit(edit) : await changeStored(id, edit);
    if (isGone) follow([outing, ...others].map((o) => (o.id === id ? edit(o) : o)));
  };
  const isLearnt = outing.evidence !== undefined;
  return (
    <View className="gap-2">
      <Button
        label={isLearnt ? "Learn from it again" : "Learn from this outing"}
        kind={isLearnt ? "outlined" : "filled"}
        disabled={bursts.length === 0 && walkedOf(outing).length === 0}
        onPress={() => void learn()}
      />
      <Txt size={14} tone="ink2">
        From bursts all of whose frames were judged, never from keepers alone. Measure a few smears to tell
        your hands; time a few walks in Run to tell your pace.
      </Txt>
      {LEARNT_KEYS.map((key) => {
        const line = learntLine(key, all);
        const isOn = inUse[key] !== undefined;
        const ofDrill =
          key === "pan" && inUse.pan?.by === "practice" ? yoursWords("pan", inUse.pan) : undefined;
        return (
          <CheckRow
            key={key}
            title={learntTitle(key)}
            detail={ofDrill ?? line.words}
            checked={isOn}
            onChange={(on) => {
              if (line.isKnown || !on) void change({ learnt: switched(inUse, key, all, on) });
            }}
          />
        );
      })}
      {inUse.moment && (
        <CheckRow
          title="Spread of your press"
          detail={yoursWords("moment", inUse.moment)}
          checked
          onChange={() => void change({ learnt: { ...inUse, moment: undefined } })}
        />
      )}
      <ZonesFound />
      {all.from.length > 0 && (
        <View role="list" aria-label="Outings that it is learnt of">
          {all.from.map(({ id, name, date }) => (
            <View key={id} role="listitem" className="flex-row items-center gap-2 border-b border-line">
              <Txt className="min-w-0 flex-1">{`${name}, ${date}`}</Txt>
              <Button
                label="Forget"
                says={`Forget ${name}, ${date}`}
                kind="plain"
                onPress={() => void forget(id)}
              />
            </View>
          ))}
        </View>
      )}
    </View>
  );
}
