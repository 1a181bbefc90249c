import { View } from "react-native";
import { SCALE, type Rail, type RailState, type Settings } from "@/core/exposure";
import { StopRail } from "@/ui/charts/StopRail";
import { Button } from "@/ui/controls/Button";
import { Txt } from "@/ui/controls/Txt";
import { useSize } from "@/ui/layout/use-size";
import { depthSentence, endOfRailWords, endWords } from "@/words";
import { lockRails } from "@/outing/edits";
import { useCommit, useFound, useOuting } from "../../outing/use-outing";
import { DRAWN, lockedAfterPush, LONGEST, RAILS, ticksOf } from "./rail-scales";

const WIDEST_CLICK = 34;

/** Why a rail goes no further, while it stands at an end that lens or body make. */
function stopWords(rail: Rail, { at, first, last }: RailState): string | undefined {
  if (at === first && first > SCALE[rail].first) return endOfRailWords(rail, "first");
  return at === last && last < SCALE[rail].last ? endOfRailWords(rail, "last") : undefined;
}

/** Shutter, aperture and ISO on one step per stop: push one, and the free one follows the light. */
export function Rails() {
  const choice = useOuting((v) => v.choice);
  const settings = useFound((found) => found.settings);
  const part = useFound((found) => found.motion.held.name);
  const commit = useCommit();
  const [size, onLayout] = useSize();
  const lock = (locked: Partial<Settings>): void => void commit(lockRails(choice.shotId, locked));
  const pxPerClick = Math.min(WIDEST_CLICK, (size?.width ?? 0) / LONGEST);
  const note = (rail: Rail): string => {
    if (settings.follows === rail) return ", follows the light";
    return settings.rails[rail].locked ? ", locked" : "";
  };
  const lockedRails = RAILS.filter((rail) => settings.rails[rail].locked);
  return (
    <View onLayout={onLayout} className="gap-1">
      {size &&
        RAILS.map((rail) => {
          const state = settings.rails[rail];
          const drawn = DRAWN[rail];
          const reason = (code: typeof state.fromReason): string =>
            code === "motion" ? `movement of the ${part}` : endWords(code);
          return (
            <StopRail
              key={rail}
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
              onChange={(click) => lock(lockedAfterPush(choice.locked, rail, click))}
            />
          );
        })}
      <Txt tone="ink2">{depthSentence(settings.depth)}</Txt>
      {lockedRails.length > 0 && (
        <View className="flex-row items-center justify-between">
          <Txt tone="ink2">{`You locked ${lockedRails.map((r) => DRAWN[r].inSentence).join(" and ")}.`}</Txt>
          <Button label="Unlock" onPress={() => lock({})} />
        </View>
      )}
    </View>
  );
}
