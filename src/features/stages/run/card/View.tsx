import LockIcon from "lucide-react-native/icons/lock";
import TagIcon from "lucide-react-native/icons/tag";
import { useState } from "react";
import { Text, View } from "react-native";
import { useShallow } from "zustand/react/shallow";
import { fieldCard, type CardLine, type FieldCard as FieldCardAnswer } from "@/answers/run/card";
import type { Rail } from "@/core/exposure";
import { Txt } from "@/ui/controls/Txt";
import { useLayout } from "@/ui/layout/use-layout";
import { useSwipe } from "@/ui/layout/use-swipe";
import { IconButton } from "@/ui/controls/Button";
import { Dialog } from "@/ui/controls/Dialog";
import { useTokens } from "@/ui/theme/theme";
import { compensationWords, misledWords, railFigure, stopsNoun } from "@/words";
import { Late } from "../../../layout/Late";
import type { OutingView } from "@/outing/outing-view";
import { useAtRest } from "../../../outing/use-at-rest";
import { useOuting } from "../../../outing/use-outing";
import { AskSum } from "../../reasons/AskSum";
import { withPicture } from "../../screen/panel";
import { NoPicture, ShotInHand } from "../../shot/ShotInHand";
import { shotsOfOtherBodies, bodies } from "../second-body/bodies";
import { useNext } from "../../shot/use-next";

const loadLocked = async () => (await import("./Locked")).Locked;
const loadTwoCards = async () => (await import("./TwoCards")).TwoCards;
const loadTagPad = async () => (await import("../who-was-that/View")).TagPad;

/** The field card: the shot, and the three settings as large as the screen allows; those of two bodies side by side. */
export function FieldCard() {
  const picture = useOuting(withPicture);
  const others = useOuting(useShallow(shotsOfOtherBodies));
  const second = bodies.useSlice((s) => s.second);
  const { ink } = useTokens();
  const next = useNext();
  const { columns } = useLayout();
  const [tagging, setTagging] = useState(false);
  const [locked, setLocked] = useState(false);
  const two = others.some((s) => s.id === second);
  return (
    <View>
      <View className="flex-row items-center" {...useSwipe(next.position)}>
        <View className="min-w-0 flex-1">
          <ShotInHand />
        </View>
        {!columns && (
          <IconButton label="Who was that? Tag it" onPress={() => setTagging(true)}>
            <TagIcon size={24} color={ink} />
          </IconButton>
        )}
        <IconButton label="Lock the card" onPress={() => setLocked(true)} className="-mr-2">
          <LockIcon size={22} color={ink} />
        </IconButton>
      </View>
      <View {...useSwipe(next.shot)}>
        {!picture && <NoPicture />}
        {picture && !two && <Settings />}
        {picture && two && (
          <Late load={loadTwoCards} waiting="One moment">
            {(TwoCards) => <TwoCards secondId={second!} />}
          </Late>
        )}
      </View>
      <Dialog title="Who was that?" open={tagging} onClose={() => setTagging(false)}>
        {tagging && (
          <Late load={loadTagPad} waiting="One moment">
            {(TagPad) => <TagPad />}
          </Late>
        )}
      </Dialog>
      {locked && (
        <Late load={loadLocked} waiting="One moment">
          {(Locked) => <Locked onUnlock={() => setLocked(false)} />}
        </Late>
      )}
    </View>
  );
}

const NAMES: Readonly<Record<Rail, string>> = { shutter: "shutter", aperture: "aperture", iso: "ISO" };

function Settings() {
  const card = useOuting(fieldCard);
  if (!card) return null;
  return (
    <>
      {card.lines.map((line) => (
        <Line key={line.rail} line={line} card={card} />
      ))}
      <SaidOnce />
    </>
  );
}

/** What the card says, in one line. */
const cardSaid = (view: OutingView): string =>
  fieldCard(view)
    ?.lines.map(({ rail, click }) => `${NAMES[rail]} ${railFigure(rail, click)}`)
    .join(", ") ?? "";

/** The card for who does not see it: read out once when it has changed and the hand rests, not at each step of a drag. */
const SaidOnce = () => (
  <Text aria-live="polite" style={UNSEEN}>
    {useAtRest(cardSaid)}
  </Text>
);

const UNSEEN = { position: "absolute", width: 1, height: 1, overflow: "hidden", opacity: 0 } as const;

/** One setting, as large as the card allows, with what was done to it. */
function Line({ line, card }: { line: CardLine; card: FieldCardAnswer }) {
  const { low } = useLayout();
  const { rail, click, by, givenUp, past } = line;
  const value = railFigure(rail, click);
  const name = by === "body" ? "auto ISO" : NAMES[rail];
  const note = [
    rail === "iso" && card.compensation !== undefined ? compensationWords(card.compensation) : "",
    rail === "iso" && card.misled ? misledWords(card.misled) : "",
    by === "held" ? "held" : "",
    givenUp > 0 ? `${stopsNoun(givenUp)} given up` : "",
    rail === "iso" && card.push > 0 ? `${stopsNoun(card.push)} to push in post` : "",
  ].filter(Boolean);
  return (
    <AskSum
      of={rail}
      title={NAMES[rail].replace(/^./, (c) => c.toUpperCase())}
      says={`${name} ${value}`}
      className={`flex-row items-center justify-between border-b border-line ${low ? "min-h-[64px]" : "min-h-[84px]"}`}
    >
      <Txt size={low ? 56 : 64} weight={700} tone={past ? "bracken" : "ink"}>
        {value}
      </Txt>
      <View className="shrink items-end">
        <Txt tone="ink2">{name}</Txt>
        {note.map((words) => (
          <Txt key={words} size={14} tone="ink2" className="text-right">
            {words}
          </Txt>
        ))}
      </View>
    </AskSum>
  );
}
