import { useQuery } from "@tanstack/react-query";
import { useState } from "react";
import { View } from "react-native";
import type { State } from "@/data";
import { changesBetween } from "@/outing/changes";
import { changesOf } from "@/outing/writer";
import { Button } from "@/ui/controls/Button";
import { Dialog } from "@/ui/controls/Dialog";
import { Row } from "@/ui/controls/Row";
import { Txt } from "@/ui/controls/Txt";
import { changesWords, changeWords, countWords, instantWords } from "@/words";
import { openRepository } from "../../store/open-repository";
import { useCommit, useOuting } from "../../outing/use-outing";

/** The states of the outing that are kept: what was done in each, what differs from now, and the way back to it. */
export function EarlierStates({ onClose }: { onClose: () => void }) {
  const id = useOuting((v) => v.outing.id);
  const present = useOuting((v) => v.outing.revision);
  const { data: states } = useQuery({
    queryKey: ["states", id, present],
    queryFn: async () => (await openRepository()).statesOfOuting(id),
  });
  const [looking, setLooking] = useState<State>();
  const earlier = states?.filter((s) => s.revision < present && !s.removed) ?? [];
  return (
    <Dialog title="Earlier states" open onClose={onClose}>
      {states && earlier.length === 0 && <Txt>Nothing was changed yet. Every change is listed here.</Txt>}
      {looking ? (
        <OneState state={looking} onBack={() => setLooking(undefined)} onDone={onClose} />
      ) : (
        <View role="list" aria-label="Earlier states">
          {earlier.map((state) => (
            <View key={state.revision} role="listitem">
              <Row
                title={titleOf(state)}
                detail={instantWords(state.savedAt)}
                onPress={() => setLooking(state)}
              />
            </View>
          ))}
        </View>
      )}
    </Dialog>
  );
}

const titleOf = (state: State): string =>
  state.undoTo === undefined ? "As it began" : changesWords(changesOf(state));

const MOST_CHANGES = 8;

interface OneProps {
  readonly state: State;
  readonly onBack: () => void;
  readonly onDone: () => void;
}

function OneState({ state, onBack, onDone }: OneProps) {
  const outing = useOuting((v) => v.outing);
  const commit = useCommit();
  const { data: found } = useQuery({
    queryKey: ["state", outing.id, state.revision],
    queryFn: async () => (await openRepository()).outingAt(outing.id, state.revision),
  });
  if (!found) return <Txt>One moment</Txt>;
  if (!found.ok) return <Txt>This state cannot be read any more.</Txt>;
  const then = found.value;
  const since = changesBetween(outing, then);
  return (
    <View className="gap-3">
      <Txt weight={700}>{`${titleOf(state)}, ${instantWords(state.savedAt)}`}</Txt>
      <Txt>
        {since.length === 0
          ? "It is the same as now."
          : `Going back to it makes ${countWords(since.length, "change")}:`}
      </Txt>
      {since.slice(0, MOST_CHANGES).map((change, i) => (
        <Txt key={i}>{`– ${changeWords(change)}`}</Txt>
      ))}
      {since.length > MOST_CHANGES && <Txt>{`– and ${since.length - MOST_CHANGES} more`}</Txt>}
      <Txt tone="ink2">What stands now stays in the list: you can come back to it.</Txt>
      <View className="flex-row flex-wrap gap-2">
        <Button
          label="Go back to this state"
          kind="filled"
          onPress={() => {
            commit((now) => ({ ...then, revision: now.revision }));
            onDone();
          }}
        />
        <Button label="The list" onPress={onBack} />
      </View>
    </View>
  );
}
