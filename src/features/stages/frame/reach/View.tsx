import { View } from "react-native";
import { reach } from "@/answers/frame/reach";
import { Stretch, type StretchScale } from "@/ui/charts/Stretch";
import { FactLine } from "@/ui/controls/FactLine";
import { Row } from "@/ui/controls/Row";
import {
  bodyDetail,
  bodyTitle,
  converterDetail,
  converterTitle,
  percentWords,
  reachLines,
  sameOnFullFrameSentence,
} from "@/words";
import { editChoice } from "@/outing/edits";
import { SumFact } from "../../reasons/SumFact";
import { SumText } from "../../reasons/SumText";
import { useCommit, useOuting } from "../../../outing/use-outing";

/** Of the frame's side. */
const FILL: StretchScale = {
  kind: "linear",
  from: 0,
  until: 1,
  ticks: [0, 0.5, 1].map((at) => ({ at, words: percentWords(at) })),
};

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
  const filled = (there: { readonly fill: number }) => (
    <Stretch scale={FILL} bands={[{ from: 0, until: there.fill, tone: "water" }]} dots={[fill]} />
  );
  return (
    <View className="gap-3">
      <Stretch
        scale={FILL}
        bands={[{ from: found.fillAtShort, until: found.fillAtLong, tone: "water" }]}
        dots={[fill]}
        isWritten
        says={`From here this lens fills ${percentWords(found.fillAtShort)} to ${percentWords(found.fillAtLong)}; ${percentWords(fill)} is wanted`}
      />
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
              under={filled(there)}
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
              under={filled(there)}
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
