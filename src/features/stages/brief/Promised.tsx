import GripIcon from "lucide-react-native/icons/grip-vertical";
import { useRef, type ReactNode } from "react";
import { View } from "react-native";
import { plannedPosition, type StoredShot } from "@/data";
import { Button } from "@/ui/controls/Button";
import { Row } from "@/ui/controls/Row";
import { useReorder } from "@/ui/controls/useReorder";
import { useTokens } from "@/ui/theme/theme";
import { shotSentence } from "@/words";
import { moveShot } from "@/outing/edits";
import { useCommit, useOpenOuting, useOuting } from "../../outing/use-outing";
import { useBriefEditor } from "./editor";

/** The promised shots as sentences, in the order of the day; grips and arrow keys change it. */
export function Promised() {
  const shots = useOuting((v) => v.outing.shots);
  const commit = useCommit();
  const { takeShot } = useOpenOuting();
  const edit = useBriefEditor((s) => s.edit);
  const list = useRef<View>(null);
  const rows = (): Element[] => [
    ...((list.current as unknown as Element | null)?.querySelectorAll(":scope > [role=listitem]") ?? []),
  ];
  const { grip, drag } = useReorder(rows, (from, to) => commit(moveShot(from, to)));
  return (
    <View>
      <View ref={list} role="list" aria-label="Promised shots">
        {shots.map((shot, i) => (
          <PromisedRow
            key={shot.id}
            shot={shot}
            mark={drag?.to === i && drag.from !== i ? (drag.from < i ? "below" : "above") : undefined}
            held={drag?.from === i}
            onPress={() => {
              takeShot(shot.id);
              edit({ shotId: shot.id });
            }}
          >
            <Grip {...grip(i, `Move ${shot.name}: drag, or arrow up and down`)} />
          </PromisedRow>
        ))}
      </View>
      <View className="flex-row pt-3">
        <Button label="Add a shot" className="flex-1" onPress={() => edit("new-shot")} />
      </View>
    </View>
  );
}

function Grip(props: ReturnType<ReturnType<typeof useReorder>["grip"]>) {
  const { ink2 } = useTokens();
  return (
    <View {...props} className="-ml-3 h-14 w-11 items-center justify-center">
      <GripIcon size={22} color={ink2} />
    </View>
  );
}

interface RowProps {
  readonly shot: StoredShot;
  readonly mark: "above" | "below" | undefined;
  readonly held: boolean;
  readonly onPress: () => void;
  readonly children: ReactNode;
}

function PromisedRow({ shot, mark, held, onPress, children }: RowProps) {
  const outing = useOuting((v) => v.outing);
  const place = plannedPosition(outing, shot.id);
  const subject = outing.subjects.find((s) => s.id === shot.subjectId);
  const edge =
    mark === "above" ? "border-t-4 border-water" : mark === "below" ? "border-b-4 border-water" : "";
  return (
    <View role="listitem" className={`flex-row items-center ${edge} ${held ? "opacity-50" : ""}`}>
      {children}
      <View className="min-w-0 flex-1">
        <Row
          title={shot.name}
          detail={shotSentence(shot, subject?.name ?? "")}
          value={place ? place.name : "no position yet"}
          valueTone={place ? "water" : "bracken"}
          onPress={onPress}
        />
      </View>
    </View>
  );
}
