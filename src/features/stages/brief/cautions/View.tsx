import { View } from "react-native";
import { Button } from "@/ui/controls/Button";
import { Txt } from "@/ui/controls/Txt";
import { cautionName, cautionSentence } from "@/words/cautions";
import { useOuting } from "../../../outing/use-outing";
import { useBriefEditor } from "../editor/editing";

const MOST_SAID = 3;

/** Where this outing can hurt somebody, the gravest first. */
export function Cautions() {
  const cautions = useOuting((v) => v.outing.cautions);
  const edit = useBriefEditor((s) => s.edit);
  const said = cautions.slice(0, MOST_SAID);
  const more = cautions.length - said.length;
  return (
    <View className="gap-1 border-l-4 border-bracken pl-3">
      {said.map((code) => (
        <Txt key={code}>
          <Txt weight={700}>{`${cautionName(code)}. `}</Txt>
          {cautionSentence(code)}
        </Txt>
      ))}
      {said.length === 0 && <Txt>No cautions chosen for this outing.</Txt>}
      <View className="flex-row">
        <Button
          label={more > 0 ? `${more} more. Choose cautions` : "Choose cautions"}
          kind="plain"
          className="-ml-4"
          onPress={() => edit("cautions")}
        />
      </View>
    </View>
  );
}
