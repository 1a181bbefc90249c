import { useEffect, useState } from "react";
import { View } from "react-native";
import type { State } from "@/data";
import { Button } from "@/ui/controls/Button";
import { Dialog } from "@/ui/controls/Dialog";
import { Row } from "@/ui/controls/Row";
import { Txt } from "@/ui/controls/Txt";
import { countWords, instantWords } from "@/words";

/** An earlier state beside the present one: what going back to it would do, in words, and the going. */
export interface Looked {
  readonly since: readonly string[];
  readonly take: () => void;
}

interface Props {
  /** Newest first, the present one among them. */
  readonly states: readonly State[] | undefined;
  /** What was done in a state, as it was noted. */
  readonly titleOf: (state: State) => string;
  /** Nothing where the state cannot be read any more. */
  readonly look: (state: State) => Promise<Looked | undefined>;
  readonly onClose: () => void;
}

/** The states of a record that are kept: what was done in each, what differs from now, and the way back to it. */
export function EarlierStates({ states, titleOf, look, onClose }: Props) {
  const [looking, setLooking] = useState<State>();
  const earlier = states?.slice(1).filter((s) => !s.removed) ?? [];
  const title = (state: State): string =>
    withWay(state, state.undoTo === undefined ? "As it began" : titleOf(state));
  return (
    <Dialog title="Earlier states" open onClose={onClose}>
      {states && earlier.length === 0 && <Txt>Nothing was changed yet. Every change is listed here.</Txt>}
      {looking ? (
        <OneState
          state={looking}
          title={title(looking)}
          look={look}
          onBack={() => setLooking(undefined)}
          onDone={onClose}
        />
      ) : (
        <View role="list" aria-label="Earlier states">
          {earlier.map((state) => (
            <View key={state.revision} role="listitem">
              <Row
                title={title(state)}
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

/** A state from which something can be done again was come back to by an undo. */
const withWay = ({ redoTo }: State, words: string): string =>
  redoTo === undefined ? words : `Undone, back to: ${words}`;

const MOST_CHANGES = 8;

interface OneProps extends Pick<Props, "look"> {
  readonly state: State;
  readonly title: string;
  readonly onBack: () => void;
  readonly onDone: () => void;
}

function OneState({ state, title, look, onBack, onDone }: OneProps) {
  const [found, setFound] = useState<Looked | "gone">();
  useEffect(() => {
    let isOn = true;
    void look(state).then((looked) => isOn && setFound(looked ?? "gone"));
    return () => {
      isOn = false;
    };
  }, [look, state]);
  if (!found) return <Txt>One moment</Txt>;
  if (found === "gone") return <Txt>This state cannot be read any more.</Txt>;
  const { since, take } = found;
  return (
    <View className="gap-3">
      <Txt weight={700}>{`${title}, ${instantWords(state.savedAt)}`}</Txt>
      <Txt>
        {since.length === 0
          ? "It is the same as now."
          : `Going back to it makes ${countWords(since.length, "change")}:`}
      </Txt>
      {since.slice(0, MOST_CHANGES).map((words, i) => (
        <Txt key={i}>{`– ${words}`}</Txt>
      ))}
      {since.length > MOST_CHANGES && <Txt>{`– and ${since.length - MOST_CHANGES} more`}</Txt>}
      <Txt tone="ink2">What stands now stays in the list: you can come back to it.</Txt>
      <View className="flex-row flex-wrap gap-2">
        <Button
          label="Go back to this state"
          kind="filled"
          onPress={() => {
            take();
            onDone();
          }}
        />
        <Button label="The list" onPress={onBack} />
      </View>
    </View>
  );
}
