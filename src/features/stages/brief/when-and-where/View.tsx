import { View } from "react-native";
import { placeWanted } from "@/answers/plan/light";
import { bagOf, bagWeight } from "@/data";
import { Row } from "@/ui/controls/Row";
import { accessSentence, anchorWords, countWords, timeWords, weightWords } from "@/words";
import { spanWords } from "../../shot/titles";
import { useOuting } from "../../../outing/use-outing";
import { useBriefEditor } from "../editor/editing";

/** When, where, by whose leave, with what: a sentence each, a press opens its editor. */
export function Facts() {
  const outing = useOuting((v) => v.outing);
  const kit = useOuting((v) => v.kit);
  const onEdit = useBriefEditor((s) => s.edit);
  const { anchor } = outing.ground;
  const access = accessSentence(outing.access);
  const bag = bagOf(outing, kit);
  const { grams } = bagWeight(bag);
  return (
    <View>
      <Sentence says="When" onPress={() => onEdit("when")}>
        {`${spanWords(outing)}; it starts at ${timeWords(outing.starts)}.`}
      </Sentence>
      <Sentence says="Where" onPress={() => onEdit("where")} open={placeWanted(outing)}>
        {`${outing.place}, ${anchorWords(anchor)}, ${outing.timeZone.replaceAll("_", " ")} time.`}
      </Sentence>
      <Sentence says="Access" onPress={() => onEdit("access")} open={!access.settled}>
        {access.words}
      </Sentence>
      <Sentence says="Bag" onPress={() => onEdit("bag")}>
        {`${countWords(bag.bodies.length, "body", "bodies")}, ${countWords(bag.lenses.length, "lens", "lenses")}, ${countWords(bag.cards.length, "card", "cards")}${grams > 0 ? `: ${weightWords(grams)}` : ""}.`}
      </Sentence>
    </View>
  );
}

interface SentenceProps {
  readonly says: string;
  readonly onPress: () => void;
  readonly children: string;
  /** Still to be settled. */
  readonly open?: boolean;
}

function Sentence({ says, onPress, children, open }: SentenceProps) {
  return (
    <Row
      title={children}
      value="Change"
      valueTone={open ? "bracken" : "water"}
      says={`${says}: ${children} Change`}
      plain
      onPress={onPress}
    />
  );
}
