import { useState } from "react";
import { View } from "react-native";
import { endReached } from "@/answers/expose/rails";
import type { Rail, RailState, Settings } from "@/core/exposure";
import { StopRail } from "@/ui/charts/StopRail";
import { Button } from "@/ui/controls/Button";
import { Txt } from "@/ui/controls/Txt";
import { useSize } from "@/ui/layout/use-size";
import { endOfRailWords, endWords, settingsWords, turnedWords } from "@/words";
import { lockRails } from "@/outing/edits";
import { useCommit, useFound, useOuting } from "../../../outing/use-outing";
import { AskSum } from "../../reasons/AskSum";
import { DepthSaid } from "../../reasons/DepthSaid";
import { AutomaticIso } from "./AutomaticIso";
import { DRAWN, letGo, LONGEST, pushed, RAILS, ticksOf } from "./rail-scales";

const WIDEST_CLICK = 34;

/** Why a rail goes no further, while it stands at an end that lens or body make. */
function stopWords(rail: Rail, state: RailState): string | undefined {
  const end = endReached(rail, state);
  return end && endOfRailWords(rail, end);
}

/** A push that waits for a word: the two other rails are held, and this one follows. */
interface Waiting {
  readonly rail: Rail;
  readonly click: number;
  readonly held: readonly Rail[];
}

/** Shutter, aperture and ISO on one step per stop: any two can be held, and the third follows the light. */
export function Rails() {
  const choice = useOuting((v) => v.choice);
  const settings = useFound((found) => found.settings);
  const part = useFound((found) => found.motion.held.name);
  const commit = useCommit();
  const [size, onLayout] = useSize();
  const [waiting, setWaiting] = useState<Waiting>();
  const pxPerClick = Math.min(WIDEST_CLICK, (size?.width ?? 0) / LONGEST);
  const hold = (locked: Partial<Settings>): void => {
    setWaiting(undefined);
    void commit(lockRails(choice.shotId, locked));
  };
  const push = (rail: Rail, click: number): void => {
    const push = pushed(choice.locked, rail, click);
    if (push.does === "hold") hold(push.locked);
    else setWaiting({ rail, click, held: push.held });
  };
  const note = (rail: Rail): string => {
    if (rail === "iso" && choice.automatic) return ", left to the body";
    if (settings.follows === rail) return ", follows the light";
    return settings.rails[rail].locked ? ", held" : "";
  };
  const reason = (code: RailState["fromReason"]): string =>
    code === "motion" ? `movement of the ${part}` : endWords(code);
  return (
    <View onLayout={onLayout} className="gap-1">
      {size &&
        RAILS.map((rail) => {
          const state = settings.rails[rail];
          const drawn = DRAWN[rail];
          return (
            <View key={rail}>
              <StopRail
                label={drawn.name}
                note={note(rail)}
                words={drawn.words(state.at)}
                first={drawn.first}
                last={drawn.last}
                at={state.at}
                from={state.from}
                to={state.to}
                least={state.first}
                most={state.last}
                stopWords={stopWords(rail, state)}
                fromWords={reason(state.fromReason)}
                toWords={reason(state.toReason)}
                inside={state.standing === "inside"}
                pxPerClick={pxPerClick}
                ticks={ticksOf(drawn)}
                wordsAt={drawn.words}
                held={state.locked}
                onHold={() => (state.locked ? hold(letGo(choice.locked, rail)) : push(rail, state.at))}
                onChange={(click) => push(rail, click)}
                pressed={(figure) => (
                  <AskSum of={rail} title={drawn.name} says={`${drawn.name} ${drawn.words(state.at)}`}>
                    {figure}
                  </AskSum>
                )}
              />
              {waiting?.rail === rail && <LetGoFirst {...waiting} locked={choice.locked} onChoose={hold} />}
            </View>
          );
        })}
      <DepthSaid tone="ink2" />
      <Turned now={settings.settings} of={`${choice.shotId} ${choice.bodyId}`} />
      <AutomaticIso />
    </View>
  );
}

interface LetGoProps extends Waiting {
  readonly locked: Partial<Settings>;
  readonly onChoose: (locked: Partial<Settings>) => void;
}

/** Which of two held rails may go, so that the third can be set; or none, and the picture may be off. */
function LetGoFirst({ rail, click, held, locked, onChoose }: LetGoProps) {
  const set = { ...locked, [rail]: click };
  return (
    <View className="gap-2 pb-2" role="group" aria-label={`Let go first, to set ${DRAWN[rail].inSentence}`}>
      <Txt aria-live="polite">
        {`Two are held, so ${DRAWN[rail].inSentence} follows. To set ${DRAWN[rail].words(click)}, let go of:`}
      </Txt>
      <View className="flex-row flex-wrap gap-2">
        {held.map((other) => (
          <Button key={other} label={DRAWN[other].name} onPress={() => onChoose(letGo(set, other))} />
        ))}
        <Button label="None, hold all three" kind="plain" onPress={() => onChoose(set)} />
      </View>
    </View>
  );
}

/** Clicks to turn from where the camera stands, which is where one pressed last. */
function Turned({ now, of }: { now: Settings; of: string }) {
  const [stood, setStood] = useState({ of, at: now });
  const from = stood.of === of ? stood.at : now;
  if (stood.of !== of) setStood({ of, at: now });
  const words = turnedWords(from, now);
  if (!words) return null;
  return (
    <View className="flex-row items-center justify-between gap-2">
      <View className="min-w-0 flex-1">
        <Txt weight={600} aria-live="polite">
          {words.charAt(0).toUpperCase() + words.slice(1)}
        </Txt>
        <Txt size={14} tone="ink2">{`counted from ${settingsWords(from)}`}</Txt>
      </View>
      <Button
        label="Set"
        says="The camera is set so: count from here"
        onPress={() => setStood({ of, at: now })}
      />
    </View>
  );
}
