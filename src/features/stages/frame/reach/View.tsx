import { View } from "react-native";
import { reach } from "@/answers/frame/reach";
import { FactLine } from "@/ui/controls/FactLine";
import { Row } from "@/ui/controls/Row";
import {
  bodyDetail,
  bodyTitle,
  converterDetail,
  converterTitle,
  reachLines,
  sameOnFullFrameSentence,
} from "@/words";
import { editChoice } from "@/outing/edits";
import { SumFact } from "../../reasons/SumFact";
import { SumText } from "../../reasons/SumText";
import { useCommit, useOuting } from "../../../outing/use-outing";

/** The lens for a fill from here, the distance for this lens, converters and bodies each with what they give and cost. */
export function ReachBothWays() {
  const answer = useOuting(reach);
  const fill = useOuting((v) => v.shot.fill);
  const bodyId = useOuting((v) => v.rig?.body.id);
  const bag = useOuting((v) => v.bag);
  const choice = useOuting((v) => v.choice);
  const commit = useCommit();
  if (!answer) return null;
  const single = (id: string): boolean => bag.converters.some((c) => c.id === id);
  const take = (edit: Partial<typeof choice>): void =>
    void commit(editChoice(choice.shotId, { ...edit, focalLengthMm: null }));
  const { found, converters, bodies, onFullFrame } = answer;
  return (
    <View className="gap-3">
      <View>
        {reachLines(found, fill).map(({ line, ...fact }) => (
          <SumFact key={fact.name} of={line && ["reach", line]} {...fact} />
        ))}
      </View>
      <View>
        {converters.map((there) =>
          single(there.id) ? (
            <Row
              key={there.id}
              title={converterTitle(there)}
              detail={converterDetail(there)}
              chosen={choice.converterId === there.id}
              onPress={() => take({ converterId: choice.converterId === there.id ? null : there.id })}
            />
          ) : (
            <FactLine key={there.id} name={converterTitle(there)} value={converterDetail(there)} />
          ),
        )}
        {bodies.length > 1 &&
          bodies.map((there) => (
            <Row
              key={there.id}
              title={bodyTitle(there)}
              detail={bodyDetail(there)}
              chosen={bodyId === there.id}
              onPress={() => take({ bodyId: there.id })}
            />
          ))}
      </View>
      <SumText
        of={["reach", "fullFrameIso"]}
        title="The same picture on 36×24"
        words={sameOnFullFrameSentence(onFullFrame)}
      />
    </View>
  );
}
