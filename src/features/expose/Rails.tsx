import { View } from "react-native";
import type { Assessment } from "@/core/judge";
import { SCALE, type Rail, type RailState } from "@/core/exposure";
import { StopRail } from "@/ui/charts/StopRail";
import { Button } from "@/ui/controls/Button";
import { Txt } from "@/ui/controls/Txt";
import { useSize } from "@/ui/layout/useSize";
import { depthSentence, endOfRailWords, endWords } from "@/words";
import { holdRails } from "@/outing/edits";
import { useOuting } from "../stage/outing-context";
import { DRAWN, heldAfterPush, LONGEST, RAILS, ticksOf } from "./rail-scales";

const WIDEST_CLICK = 22;

/** Shutter, aperture and ISO on one step per stop: push one, and the free one follows the light. */
export function Rails({ found }: { found: Assessment }) {
  const { shot, choice, change } = useOuting();
  const [size, onLayout] = useSize();
  const { settings, motion } = found;
  const pxPerClick = Math.min(WIDEST_CLICK, (size?.width ?? 0) / LONGEST);
  const push = (rail: Rail) => (click: number) =>
    change(holdRails(shot.id, heldAfterPush(choice.held, rail, click)));
  /** Why a rail goes no further, while it stands at an end that lens or body make. */
  const stopWords = (rail: Rail, { at, first, last }: RailState): string | undefined => {
    if (at === first && first > SCALE[rail].first) return endOfRailWords(rail, "first");
    return at === last && last < SCALE[rail].last ? endOfRailWords(rail, "last") : undefined;
  };
  const note = (rail: Rail): string => {
    if (settings.follows === rail) return ", follows the light";
    return settings.rails[rail].held ? ", locked" : "";
  };
  const heldRails = RAILS.filter((rail) => settings.rails[rail].held);
  return (
    <View onLayout={onLayout} className="gap-1">
      {size &&
        RAILS.map((rail) => {
          const state = settings.rails[rail];
          const drawn = DRAWN[rail];
          const reason = (code: typeof state.fromReason): string =>
            code === "motion" ? `movement of the ${motion.held.name}` : endWords(code);
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
              onChange={push(rail)}
            />
          );
        })}
      <Txt tone="ink2">{depthSentence(settings.depth)}</Txt>
      {heldRails.length > 0 && (
        <View className="flex-row items-center justify-between">
          <Txt tone="ink2">{`You locked ${heldRails.map((r) => DRAWN[r].name.replace(/^[SA]/, (c) => c.toLowerCase())).join(" and ")}.`}</Txt>
          <Button label="Unlock" onPress={() => change(holdRails(shot.id, {}))} />
        </View>
      )}
    </View>
  );
}
