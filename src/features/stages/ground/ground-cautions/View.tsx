import { Txt } from "@/ui/controls/Txt";
import { cautionSentence } from "@/words/cautions";
import { useOuting } from "../../../outing/use-outing";

const MOST_CAUTIONS = 2;

/** The outing's gravest cautions, said where one chooses where to stand. */
export function CautionsHere() {
  const cautions = useOuting((v) => v.outing.cautions);
  return cautions.slice(0, MOST_CAUTIONS).map((code) => (
    <Txt key={code} size={14} tone="ink2">
      {cautionSentence(code)}
    </Txt>
  ));
}
