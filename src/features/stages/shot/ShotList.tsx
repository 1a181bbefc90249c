import { View } from "react-native";
import { plannedPosition } from "@/data";
import { Row } from "@/ui/controls/Row";
import { intentWords } from "@/words";
import { useOpenOuting, useOuting } from "../../outing/use-outing";

/** The promised shots, each with the position that is planned for it; a press takes one in hand. */
export function ShotList({ onTaken }: { onTaken?: () => void }) {
  const outing = useOuting((v) => v.outing);
  const shotId = useOuting((v) => v.shot.id);
  const { takeShot } = useOpenOuting();
  return (
    <View role="group" aria-label="Promised">
      {outing.shots.map((s) => {
        const place = plannedPosition(outing, s.id);
        return (
          <Row
            key={s.id}
            title={s.name}
            detail={`${intentWords(s.intent).toLowerCase()}, ${s.part}, ${s.orientation} · ${s.wanted} wanted`}
            value={place ? place.name : "no position yet"}
            valueTone={place ? "water" : "bracken"}
            chosen={s.id === shotId}
            onPress={() => {
              takeShot(s.id);
              onTaken?.();
            }}
          />
        );
      })}
    </View>
  );
}
