import { View } from "react-native";
import { plannedPosition, type StoredShot } from "@/data";
import { Button } from "@/ui/controls/Button";
import { Row } from "@/ui/controls/Row";
import { SortableList } from "@/ui/controls/SortableList";
import { shotSentence } from "@/words";
import { moveShot } from "@/outing/edits";
import { useCommit, useOpenOuting, useOuting } from "../../../outing/use-outing";
import { SubjectOutline } from "../../../subjects/SubjectOutline";
import { WhileRoom } from "../../../forms/WhileRoom";
import { useBriefEditor } from "../editor/editing";
import { NewerInLibrary } from "./NewerInLibrary";

/** The promised shots as sentences, in the order of the day, which their grips change. */
export function Promised() {
  const shots = useOuting((v) => v.outing.shots);
  const commit = useCommit();
  const edit = useBriefEditor((s) => s.edit);
  return (
    <View>
      <NewerInLibrary />
      <SortableList label="Promised shots" items={shots} onMove={(from, to) => commit(moveShot(from, to))}>
        {(shot) => <PromisedRow shot={shot} />}
      </SortableList>
      <View className="flex-row pt-3">
        <WhileRoom things="shots" count={shots.length}>
          <Button label="Add a shot" className="flex-1" onPress={() => edit("new-shot")} />
        </WhileRoom>
      </View>
    </View>
  );
}

function PromisedRow({ shot }: { shot: StoredShot }) {
  const outing = useOuting((v) => v.outing);
  const { takeShot } = useOpenOuting();
  const edit = useBriefEditor((s) => s.edit);
  const place = plannedPosition(outing, shot.id);
  const subject = outing.subjects.find((s) => s.id === shot.subjectId);
  return (
    <Row
      title={shot.name}
      drawing={<SubjectOutline subject={subject} size={40} />}
      detail={shotSentence(shot, subject?.name ?? "")}
      value={place ? place.name : "no position yet"}
      valueTone={place ? "water" : "bracken"}
      onPress={() => {
        takeShot(shot.id);
        edit({ shotId: shot.id });
      }}
    />
  );
}
