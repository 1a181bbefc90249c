import { useCallback, useState } from "react";
import { View } from "react-native";
import { Txt } from "@/ui/controls/Txt";
import { noPictureSentence } from "@/words";
import { useFound, useOuting } from "../../../outing/use-outing";
import { AskSum } from "../../reasons/AskSum";
import { Figures } from "../../reasons/Figures";
import { Judgements } from "../../reasons/Judgements";
import { NotInBag } from "../../shot/NotInBag";
import { Late } from "../../../layout/Late";
import { ASKED_TITLE, groundFigures, type Asked } from "./figures";

const loadRests = async () => (await import("./Rests")).Rests;

/** What the chosen place gives, in four figures; each opens into what it rests on. */
export function PositionFigures() {
  const inHand = useOuting((v) => v.inHand);
  if (!inHand) return <Txt>Tap a tag on the plan to stand there.</Txt>;
  if (!inHand.ok) return <Txt tone="bracken">{noPictureSentence(inHand)}</Txt>;
  return <Found />;
}

function Found() {
  const found = useFound((f) => f);
  const along = useOuting((v) => v.shot.along);
  const [asked, setAsked] = useState<Asked>();
  const onAsk = useCallback(
    (key: string) => setAsked((old) => (old === key ? undefined : (key as Asked))),
    [],
  );
  const shown = groundFigures(found, along);
  const veto = found.judgement.find((j) => j.weight === "veto");
  return (
    <View className="gap-1">
      <Figures figures={shown} asked={asked} onAsk={onAsk} />
      {asked && (
        <View className="gap-1">
          <AskSum
            of={asked === "light" ? "ev" : asked}
            title={ASKED_TITLE[asked]}
            says={`${ASKED_TITLE[asked]}, its sum`}
          >
            <Txt tone="water" weight={600}>
              Its sum, with the numbers
            </Txt>
          </AskSum>
          <Late load={loadRests} waiting="One moment">
            {(Rests) => <Rests asked={asked} />}
          </Late>
        </View>
      )}
      {veto && <Judgements items={[veto]} />}
      <NotInBag />
    </View>
  );
}
