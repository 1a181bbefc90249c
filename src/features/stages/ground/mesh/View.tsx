import { View } from "react-native";
import { mesh as meshInHand } from "@/answers/ground/mesh";
import { Txt } from "@/ui/controls/Txt";
import { fNumberWords, metresWords } from "@/words";
import { meshHereSentence, meshSunSentence, postShadeSentence } from "@/words/sight";
import { useOuting } from "../../../outing/use-outing";
import { SumText } from "../../reasons/SumText";
import { wallOf } from "../../shot/titles";

/** The netting one looks through: how near, which aperture, the sun on it by the hour, the shade of its posts. */
export function ThroughMesh() {
  const answer = useOuting(meshInHand);
  const outing = useOuting((v) => v.outing);
  if (!answer) return null;
  const { mesh, name, shade } = answer;
  const sunny = answer.sunny.map(
    ({ from, until }) => `${wallOf({ outing }, from)} to ${wallOf({ outing }, until)}`,
  );
  return (
    <View className="gap-2">
      <SumText
        of={mesh.veil === "structured" ? "meshLoss" : "meshVeil"}
        title="What the mesh takes"
        words={meshHereSentence(name, mesh)}
        weight={600}
      />
      <SumText
        of="meshGoneWithin"
        title="How near"
        words={
          mesh.goneWithin > 0.02
            ? `At this aperture its wires are gone within ${metresWords(mesh.goneWithin)} of it.`
            : "At this aperture no nearness makes its wires go: open up or go longer."
        }
      />
      {mesh.goneUpTo === undefined ? (
        <Txt>From here no aperture of this lens makes them go.</Txt>
      ) : (
        <SumText
          of="meshGoneUpTo"
          title="Up to which aperture"
          words={`From here they are gone up to ${fNumberWords(mesh.goneUpTo)}.`}
        />
      )}
      <Txt>{meshSunSentence(sunny)}</Txt>
      {shade && <Txt>{postShadeSentence(shade)}</Txt>}
      <Txt size={14} tone="ink2">
        The lens on the mesh, no nearer to balls than the officials let you: a mesh gives way when it is hit.
      </Txt>
    </View>
  );
}
