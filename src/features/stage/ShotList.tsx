import { View } from "react-native";
import { choiceOf } from "@/data";
import { Row } from "@/ui/controls/Row";
import { Txt } from "@/ui/controls/Txt";
import { intentWords } from "@/words";
import { takeShot } from "@/outing/edits";
import { useOuting } from "./outing-context";

/** The promised shots, each with the position that serves it; a press takes one in hand. */
export function ShotList() {
  const { outing, shot, change } = useOuting();
  return (
    <View>
      <Txt size={18} weight={700}>
        Promised
      </Txt>
      {outing.shots.map((s) => {
        const place = outing.ground.positions.find((p) => p.id === choiceOf(outing, s.id)?.positionId);
        return (
          <Row
            key={s.id}
            title={s.name}
            detail={`${intentWords(s.intent).toLowerCase()}, ${s.part}, ${s.orientation} · ${s.wanted} wanted`}
            value={place ? place.name : "no position yet"}
            valueTone={place ? "water" : "bracken"}
            chosen={s.id === shot.id}
            onPress={() => change(takeShot(s.id))}
          />
        );
      })}
    </View>
  );
}
